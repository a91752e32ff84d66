import { useQuery } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice } from '../shared'
import { wholeSettings } from './digestSettings'
import { useDigestCalls } from './useDigestCalls'
import { useDigestPreview } from './useDigestPreview'
import { t } from './texts'

/** The form of a digest, filled once from what is stored. */
function useDigestForm(stored: () => Schemas['DigestView'] | undefined) {
  const form = reactive({ name: '', isUsual: true, segmentId: null as number | null, settings: wholeSettings() })
  const kept = ref('')
  watch(
    stored,
    (digest) => {
      if (!digest || kept.value) return
      Object.assign(form, {
        name: digest.name,
        isUsual: digest.isUsual,
        segmentId: digest.segmentId,
        settings: wholeSettings(digest.settings),
      })
      kept.value = JSON.stringify(form)
    },
    { immediate: true },
  )

  const isChanged = computed(() => JSON.stringify(form) !== kept.value)
  const body = () => JSON.parse(JSON.stringify(form)) as Schemas['DigestRequest']
  return { form, kept, isChanged, body }
}

/** A digest being set up, with its preview beside it. */
export function useDigest(site: () => number, id: () => number | null) {
  const { say } = useNotice()
  const act = useAct()
  const { refresh, setPaused, sendNow, remove, tryOut } = useDigestCalls(site, id, act)
  const list = useQuery({
    queryKey: ['digests', site],
    queryFn: () => take(api.GET('/api/sites/{site}/channels/digests', { params: { path: { site: site() } } })),
  })
  const current = computed(() => list.data.value?.find((digest) => digest.id === id()))

  const { form, kept, isChanged, body } = useDigestForm(() => current.value)
  const preview = useDigestPreview(site, id, body, () => JSON.stringify(form))

  /** Saves, and gives the digest's id; undefined when something has to be corrected. */
  async function save(): Promise<number | undefined> {
    const path = { site: site() }
    const saved = await act.run(() =>
      id()
        ? take(
            api.PUT('/api/sites/{site}/channels/digests/{digest}', {
              params: { path: { ...path, digest: id()! } },
              body: body(),
            }),
          )
        : take(api.POST('/api/sites/{site}/channels/digests', { params: { path }, body: body() })),
    )
    if (!saved) return undefined
    kept.value = JSON.stringify(form)
    say(id() ? t('digestSaved') : t('nameCreated', { name: saved.name }))
    await refresh()
    return saved.id
  }

  const fields = computed(() => ({ ...preview.wrong.value, ...act.fields.value }))
  return {
    form,
    act,
    list,
    current,
    fields,
    preview,
    isChanged,
    save,
    setPaused,
    sendNow,
    remove,
    tryOut: () => tryOut(body()),
  }
}
