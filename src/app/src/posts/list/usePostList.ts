import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useQueryValue } from '../../shared'

type Status = Schemas['PostStatus']
type Order = 'newest' | 'oldest' | 'changed' | 'title'

/** The first moment of a day here, or of one some days later; nothing for what is no day. */
function startOf(day: string, daysLater = 0): string | undefined {
  if (!day) return undefined
  const date = new Date(`${day}T00:00:00`)
  if (Number.isNaN(date.getTime())) return undefined
  date.setDate(date.getDate() + daysLater)
  return date.toISOString()
}

/** What a list of posts is narrowed to: kept in the address, and in the words of the API. */
function useNarrow() {
  const narrow = {
    status: useQueryValue('status'),
    search: useQueryValue('search'),
    blog: useQueryValue('blog'),
    author: useQueryValue('author'),
    category: useQueryValue('category'),
    tag: useQueryValue('tag'),
    from: useQueryValue('from'),
    to: useQueryValue('to'),
    findings: useQueryValue('findings'),
    bin: useQueryValue('bin'),
    import: useQueryValue('import'),
  }
  const typed = refDebounced(narrow.search, 200)
  const found = computed(() => ({
    search: typed.value || undefined,
    status: (narrow.status.value || undefined) as Status | undefined,
    blog: narrow.blog.value ? Number(narrow.blog.value) : undefined,
    author: narrow.author.value || undefined,
    category: narrow.category.value || undefined,
    tag: narrow.tag.value || undefined,
    from: startOf(narrow.from.value),
    to: startOf(narrow.to.value, 1),
    withFindings: narrow.findings.value === 'yes' || undefined,
    bin: narrow.bin.value === 'yes' || undefined,
    import: narrow.import.value ? Number(narrow.import.value) : undefined,
  }))
  return { narrow, found }
}

/** The posts of a site that are found, as they are narrowed and sorted. */
export function usePostList(site: () => number) {
  const { narrow, found } = useNarrow()
  const sort = useQueryValue('sort')
  const narrowed = computed(() => Object.values(found.value).some((value) => value !== undefined))
  const query = useInfiniteQuery({
    queryKey: ['posts', site, found, sort],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/sites/{site}/posts', {
          params: {
            path: { site: site() },
            query: {
              ...found.value,
              sort: (sort.value || undefined) as Order | undefined,
              after: pageParam || undefined,
              counted: false,
            },
          },
        }),
      ),
    initialPageParam: '',
    getNextPageParam: (page) => page.next ?? undefined,
    placeholderData: (before) => before,
  })
  const posts = computed(() => query.data.value?.pages.flatMap((page) => page.posts) ?? [])
  // Counting a long list takes longer than showing its start, so the number follows.
  const count = useQuery({
    queryKey: ['posts', 'count', site, found],
    queryFn: () =>
      take(api.GET('/api/sites/{site}/posts/count', { params: { path: { site: site() }, query: found.value } })),
    placeholderData: (before) => before,
  })
  const total = computed(() => count.data.value?.total ?? posts.value.length)
  return { narrow, sort, found, narrowed, query, posts, total }
}
