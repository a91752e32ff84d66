import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct } from '../shared'

/** What is worth another look before a post is published; asked again a moment after the writer pauses. */
export function usePostCheck(site: () => number, id: () => number | null, post: Schemas['PostRequest']) {
  const typed = computed(() => JSON.stringify(post))
  const settled = refDebounced(typed, 900)
  const check = useQuery({
    queryKey: ['post-check', site, id, settled],
    queryFn: () =>
      take(
        api.POST('/api/sites/{site}/posts/check', {
          params: { path: { site: site() }, query: { post: id() ?? undefined } },
          body: JSON.parse(settled.value) as Schemas['PostRequest'],
        }),
      ),
    enabled: () => post.blogId > 0,
    placeholderData: keepPreviousData,
    gcTime: 10_000,
  })
  const links = ref<Schemas['CheckFindingView'][] | null>(null)
  const act = useAct()
  // What was said about the links holds for the text they stood in.
  watch(
    () => post.bodyHtml,
    () => (links.value = null),
  )

  async function checkLinks(): Promise<void> {
    links.value =
      (await act.run(() =>
        take(
          api.POST('/api/sites/{site}/posts/check-links', { params: { path: { site: site() } }, body: { ...post } }),
        ),
      )) ?? null
  }

  const findings = computed(() => [...(check.data.value ?? []), ...(links.value ?? [])])
  return { findings, links, checkLinks, isChecking: act.running, trouble: act.trouble }
}
