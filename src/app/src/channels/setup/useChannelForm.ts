import { computed, reactive } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useNotice } from '../../shared'
import { wholeSettings } from './channelSettings'
import { useChannelCalls } from './useChannelCalls'
import { t } from '../texts'

/** Scheme, host and port of an address; empty for none. */
const originOf = (address: string): string => (URL.canParse(address) ? new URL(address).origin : '')

/** What the form begins with: nothing, or what a channel is set up as. */
const begun = (kind: Schemas['ChannelKind'], channel?: Schemas['ChannelView']) => ({
  id: channel?.id ?? 0,
  kind: channel?.kind ?? kind,
  name: channel?.name ?? '',
  secret: '',
  hasSecret: channel?.hasSecret ?? false,
  keptFor: originOf(channel?.settings.address ?? ''),
  older: 0,
  daysApart: 1,
  settings: wholeSettings(channel?.settings),
})

/** A channel being set up. */
export function useChannelForm(site: () => number) {
  const { say } = useNotice()
  const form = reactive(begun('social'))
  const calls = useChannelCalls(site, () => form.id)
  const { act, test, made, refresh, tryOut, setPaused } = calls

  /** Begins a new channel, or opens one. */
  function begin(kind: Schemas['ChannelKind'], channel?: Schemas['ChannelView']): void {
    Object.assign(form, begun(kind, channel))
    calls.forget()
  }

  /** Saves, and gives the channel's id; undefined when something has to be corrected. */
  async function save(): Promise<number | undefined> {
    const { kind, name, settings, secret, daysApart } = form
    const body = { kind, name, settings, secret: secret || null, older: form.id ? 0 : form.older, daysApart }
    const path = { site: site(), channel: form.id }
    const saved = await act.run(() =>
      form.id
        ? take(api.PUT('/api/sites/{site}/channels/set-up/{channel}', { params: { path }, body }))
        : take(api.POST('/api/sites/{site}/channels/set-up', { params: { path: { site: site() } }, body })),
    )
    if (!saved) return undefined
    say(form.id ? t('channelSaved') : t('channelAdded'))
    await refresh()
    return saved.id
  }

  /** Takes the way and the address the test found, and asks there. */
  async function takeOffer(offer: Schemas['PartnerOffer']): Promise<void> {
    form.settings.address = offer.address
    form.settings.protocol = offer.protocol
    if (await save()) await tryOut()
  }

  async function renew(): Promise<void> {
    if (await calls.renew()) form.hasSecret = true
  }

  async function remove(): Promise<boolean> {
    if (!(await calls.remove())) return false
    say(t('nameDeletedPostsAlready', { name: form.name }))
    await refresh()
    return true
  }

  /** Whether the secret that is kept stays: it was given for one receiver and goes with its address. */
  const keepsSecret = computed(() => form.hasSecret && originOf(form.settings.address) === form.keptFor)

  return { form, act, test, keepsSecret, made, begin, save, tryOut, takeOffer, renew, setPaused, remove }
}
