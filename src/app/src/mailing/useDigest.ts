import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice } from '../shared'
import { useDigestPreview } from './useDigestPreview'

type Settings = Required<Schemas['DigestSettings']> & { rhythm: Required<Schemas['DigestRhythm']>; colours: Required<Schemas['DigestColours']> }

const usual = (): Settings => ({
  rhythm: { every: 'week', at: '09:00:00', day: 'friday', dayOfMonth: 1 },
  choice: { blogs: [], categories: [], tags: [], authors: [], featuredOnly: false },
  form: 'pictures',
  subject: '{title}{if more} and {more} more{end}',
  secondSubject: null,
  trialShare: 50,
  least: 1,
  most: 8,
  order: 'newest',
  opening: '',
  closing: '',
  colours: { paper: null, ink: null, accent: null, headings: null, type: null },
  countsClicks: true,
  countsOpens: false,
  withFollowed: null,
  withBroughtIn: null,
})

/** A digest being set up, with its preview beside it. */
export function useDigest(site: () => number, id: () => number | null) {
  const queries = useQueryClient()
  const { say } = useNotice()
  const act = useAct()
  const form = reactive({ name: '', isUsual: true, segmentId: null as number | null, settings: usual() })
  const kept = ref('')
  const list = useQuery({
    queryKey: ['digests', site],
    queryFn: () => take(api.GET('/api/sites/{site}/channels/digests', { params: { path: { site: site() } } })),
  })
  const current = computed(() => list.data.value?.find((one) => one.id === id()))

  watch(
    current,
    (digest) => {
      if (!digest || kept.value) return
      const known = JSON.parse(JSON.stringify(digest.settings)) as Settings
      const settings = { ...usual(), ...known, rhythm: { ...usual().rhythm, ...known.rhythm }, colours: { ...usual().colours, ...known.colours } }
      Object.assign(form, { name: digest.name, isUsual: digest.isUsual, segmentId: digest.segmentId, settings })
      kept.value = JSON.stringify(form)
    },
    { immediate: true },
  )

  const isChanged = computed(() => JSON.stringify(form) !== kept.value)
  const body = () => JSON.parse(JSON.stringify(form)) as Schemas['DigestRequest']
  const query = () => (id() ? { digest: id()! } : {})

  const preview = useDigestPreview(site, id, body, () => JSON.stringify(form))
  const refresh = () => Promise.all(['digests', 'editions', 'mail', 'coverage'].map((key) => queries.invalidateQueries({ queryKey: [key] })))

  /** Saves, and gives the digest's id; undefined when something has to be corrected. */
  async function save(): Promise<number | undefined> {
    const path = { site: site() }
    const saved = await act.run(() =>
      id()
        ? take(api.PUT('/api/sites/{site}/channels/digests/{digest}', { params: { path: { ...path, digest: id()! } }, body: body() }))
        : take(api.POST('/api/sites/{site}/channels/digests', { params: { path }, body: body() })),
    )
    if (!saved) return undefined
    kept.value = JSON.stringify(form)
    say(id() ? 'The digest is changed.' : `“${saved.name}” is set up.`)
    await refresh()
    return saved.id
  }

  const on = () => ({ params: { path: { site: site(), digest: id()! } } })

  async function setPaused(isPaused: boolean): Promise<void> {
    await act.run(() =>
      take(
        isPaused ? api.POST('/api/sites/{site}/channels/digests/{digest}/pause', on()) : api.POST('/api/sites/{site}/channels/digests/{digest}/resume', on()),
      ),
    )
    await refresh()
  }

  async function sendNow(): Promise<boolean> {
    await act.run(() => take(api.POST('/api/sites/{site}/channels/digests/{digest}/send', on())))
    const isSent = !act.trouble.value && !act.fields.value.posts
    if (isSent) say('It is on its way.')
    await refresh()
    return isSent
  }

  async function remove(): Promise<boolean> {
    await act.run(() => take(api.DELETE('/api/sites/{site}/channels/digests/{digest}', on())))
    if (act.trouble.value) return false
    say(`“${form.name}” is taken off. What went out is kept.`)
    await refresh()
    return true
  }

  async function tryOut(): Promise<void> {
    const sent = await act.run(() =>
      take(api.POST('/api/sites/{site}/channels/digests/test', { params: { path: { site: site() }, query: query() }, body: body() })),
    )
    if (sent) say(`A test is on its way to ${sent.mail}.`)
  }

  const fields = computed(() => ({ ...preview.wrong.value, ...act.fields.value }))
  return { form, act, list, current, fields, preview, isChanged, save, setPaused, sendNow, remove, tryOut }
}
