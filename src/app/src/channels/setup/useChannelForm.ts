import { useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'

type Settings = Required<Schemas['ChannelSettings']> & {
  timing: Required<Schemas['ChannelTiming']> & { slots: Schemas['Slot'][] }
  pace: Required<Schemas['ChannelPace']>
}

const usual = (): Settings => ({
  address: '',
  choice: { blogs: [], categories: [], tags: [], authors: [], featuredOnly: false },
  when: 'atOnce',
  timing: { delayMinutes: 60, slots: [], quietFrom: null, quietUntil: null, spacingMinutes: 0 },
  template: '{title}\n\n{excerpt}\n\n{link} {tags}',
  count: { limit: 500, linkCost: 23 },
  variants: [],
  protocol: 'micropub',
  account: '',
  pace: { most: 0, minutes: 60 },
  withPicture: true,
  extent: 'whole',
  followsChanges: true,
  campaignSource: '',
  campaign: '',
  events: [],
})

/** Scheme, host and port of an address; empty for none. */
const originOf = (address: string): string => (URL.canParse(address) ? new URL(address).origin : '')

/** A channel being set up. */
export function useChannelForm(site: () => number) {
  const queries = useQueryClient()
  const act = useAct()
  const { say } = useNotice()
  const form = reactive({
    id: 0,
    kind: 'social' as Schemas['ChannelKind'],
    name: '',
    secret: '',
    hasSecret: false,
    keptFor: '',
    older: 0,
    daysApart: 1,
    settings: usual(),
  })
  const test = ref<Schemas['ChannelTestView'] | null>(null)
  const made = ref<Schemas['ChannelSecretView'] | null>(null)

  /** Begins a new channel, or opens one. */
  function begin(kind: Schemas['ChannelKind'], channel?: Schemas['ChannelView']): void {
    const known = channel?.settings
    const settings = known ? { ...usual(), ...structuredClone(JSON.parse(JSON.stringify(known)) as Settings) } : usual()
    settings.timing = { ...usual().timing, ...settings.timing, slots: settings.timing.slots ?? [] }
    Object.assign(form, {
      id: channel?.id ?? 0,
      kind: channel?.kind ?? kind,
      name: channel?.name ?? '',
      secret: '',
      hasSecret: channel?.hasSecret ?? false,
      keptFor: originOf(settings.address),
      older: 0,
      daysApart: 1,
      settings,
    })
    test.value = null
    made.value = null
    act.fields.value = {}
    act.trouble.value = ''
  }

  async function refresh(): Promise<void> {
    for (const key of ['channels', 'time-line', 'failure-causes', 'channel-previews', 'coverage']) await queries.invalidateQueries({ queryKey: [key] })
  }

  /** Saves, and gives the channel's id; undefined when something has to be corrected. */
  async function save(): Promise<number | undefined> {
    const body = {
      kind: form.kind,
      name: form.name,
      settings: form.settings,
      secret: form.secret ? form.secret : null,
      older: form.id ? 0 : form.older,
      daysApart: form.daysApart,
    }
    const path = { site: site(), channel: form.id }
    const saved = await act.run(() =>
      form.id
        ? take(api.PUT('/api/sites/{site}/channels/set-up/{channel}', { params: { path }, body }))
        : take(api.POST('/api/sites/{site}/channels/set-up', { params: { path: { site: site() } }, body })),
    )
    if (!saved) return undefined
    say(form.id ? 'The channel is changed.' : 'The channel is added.')
    await refresh()
    return saved.id
  }

  const on = (channel: number) => ({ params: { path: { site: site(), channel } } })

  /** Asks the receiver whether it knows us. */
  async function tryOut(): Promise<void> {
    test.value = (await act.run(() => take(api.POST('/api/sites/{site}/channels/set-up/{channel}/test', on(form.id))))) ?? null
  }

  /** Takes the way and the address the test found, and asks there. */
  async function takeOffer(offer: Schemas['PartnerOffer']): Promise<void> {
    form.settings.address = offer.address
    form.settings.protocol = offer.protocol
    if (await save()) await tryOut()
  }

  async function renew(): Promise<void> {
    made.value = (await act.run(() => take(api.POST('/api/sites/{site}/channels/set-up/{channel}/secret', on(form.id))))) ?? null
    if (made.value) form.hasSecret = true
  }

  async function setPaused(isPaused: boolean): Promise<void> {
    await act.run(() =>
      isPaused
        ? take(api.POST('/api/sites/{site}/channels/set-up/{channel}/pause', on(form.id)))
        : take(api.POST('/api/sites/{site}/channels/set-up/{channel}/resume', on(form.id))),
    )
    await refresh()
  }

  async function remove(): Promise<boolean> {
    await act.run(() => take(api.DELETE('/api/sites/{site}/channels/set-up/{channel}', on(form.id))))
    if (act.trouble.value) return false
    say(`${form.name} is taken off. What went out stays where it is.`)
    await refresh()
    return true
  }

  /** Whether the secret that is kept stays: it was given for one receiver and goes with its address. */
  const keepsSecret = computed(() => form.hasSecret && originOf(form.settings.address) === form.keptFor)

  return { form, act, test, keepsSecret, made, begin, save, tryOut, takeOffer, renew, setPaused, remove }
}
