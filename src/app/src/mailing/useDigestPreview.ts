import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, lineOf, Problem, type Schemas, take } from '../api'
import { useAct } from '../shared'

/**
 * How a digest would look, made anew when it changes.
 * @param body What is asked for.
 * @param mark Differs whenever the body does.
 */
export function useDigestPreview(
  site: () => number,
  id: () => number | null,
  body: () => Schemas['DigestRequest'],
  mark: () => string,
) {
  const query = () => (id() ? { digest: id()! } : {})
  const shown = ref<Schemas['DigestPreview'] | null>(null)
  const wrong = ref<Record<string, string[]>>({})
  const missing = ref('')
  const settled = refDebounced(computed(mark), 300)
  watch(
    settled,
    async () => {
      try {
        shown.value = await take(
          api.POST('/api/sites/{site}/channels/digests/preview', {
            params: { path: { site: site() }, query: query() },
            body: body(),
          }),
        )
        ;[wrong.value, missing.value] = [{}, '']
      } catch (reason) {
        wrong.value = reason instanceof Problem ? reason.fields : {}
        missing.value = wrong.value.posts?.[0] ?? (Object.keys(wrong.value).length ? '' : lineOf(reason))
        if (wrong.value.posts) shown.value = null
      }
    },
    { immediate: true },
  )

  const links = ref<Schemas['CheckFindingView'][] | null>(null)
  const checking = useAct()
  async function openLinks(): Promise<void> {
    links.value =
      (await checking.run(() =>
        take(
          api.POST('/api/sites/{site}/channels/digests/check-links', {
            params: { path: { site: site() }, query: query() },
            body: body(),
          }),
        ),
      )) ?? null
  }

  return { shown, wrong, missing, links, checking, openLinks }
}
