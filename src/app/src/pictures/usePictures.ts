import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, take } from '../api'
import { useRefresh } from '../shared'

/** The library of a site, narrowed to what is looked for. */
export function usePictures(site: () => number, search: Ref<string>, only: Ref<string>) {
  const query = useInfiniteQuery({
    queryKey: ['pictures', site, search, only],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/sites/{site}/pictures', {
          params: {
            path: { site: site() },
            query: {
              search: search.value || undefined,
              withoutAlt: only.value === 'wordless' || undefined,
              unused: only.value === 'unused' || undefined,
              before: pageParam || undefined,
            },
          },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: (before) => before,
  })
  const pictures = computed(() => query.data.value?.pages.flatMap((page) => page.pictures) ?? [])
  const total = computed(() => query.data.value?.pages[0]?.total ?? 0)
  const wordless = computed(() => query.data.value?.pages[0]?.withoutAlt ?? 0)
  const reload = useRefresh('pictures')
  return { query, pictures, total, wordless, reload }
}
