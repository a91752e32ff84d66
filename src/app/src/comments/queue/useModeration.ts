import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useCommentActs } from './useCommentActs'
import { useDecisions } from './useDecisions'
import { useManyDecisions } from './useManyDecisions'
import { useReplying } from './useReplying'

/** What of the address bar says which comments are shown, and which one is looked at. */
export interface Choice {
  standing: Ref<string>
  choice: Ref<string>
  search: Ref<string>
  everywhere: Ref<string>
  picked: Ref<string>
}

/** The queue, and the comment looked at. */
export function useModeration(site: () => number, { standing, choice, search, everywhere, picked }: Choice) {
  const wanted = computed(() => (standing.value || 'waiting') as Schemas['CommentStanding'])
  const gone = ref(new Set<number>())
  // What a link leads to is shown wherever it stands, until another is looked at.
  const linked = picked.value
  const queue = useInfiniteQuery({
    queryKey: ['comments', site, wanted, choice, search, everywhere],
    queryFn: ({ pageParam }) => {
      const query = {
        standing: wanted.value,
        choice: (choice.value || undefined) as Schemas['QueueChoice'] | undefined,
        search: search.value || undefined,
        after: pageParam || undefined,
        comment: Number(linked) || undefined,
      }
      return everywhere.value
        ? take(api.GET('/api/comments', { params: { query } }))
        : take(api.GET('/api/sites/{site}/comments', { params: { path: { site: site() }, query } }))
    },
    initialPageParam: 0,
    getNextPageParam: (page) => page.next ?? undefined,
    refetchInterval: 20_000,
  })
  const comments = computed(() =>
    (queue.data.value?.pages.flatMap((page) => page.comments) ?? []).filter((comment) => !gone.value.has(comment.id)),
  )
  const counts = computed(() => queue.data.value?.pages[0]?.counts)
  const decidedToday = computed(() => queue.data.value?.pages[0]?.decidedToday ?? 0)
  const at = computed(() => comments.value.findIndex((comment) => String(comment.id) === picked.value))
  const current = computed(() => comments.value[at.value] ?? null)
  watch(comments, (now) => {
    if (at.value < 0) picked.value = now[0] ? String(now[0].id) : ''
    if (now.length < 10 && queue.hasNextPage.value && !queue.isFetchingNextPage.value) void queue.fetchNextPage()
  })

  function move(by: number): void {
    const next = comments.value[Math.min(comments.value.length - 1, Math.max(0, at.value + by))]
    if (next) picked.value = String(next.id)
  }

  const decisions = useDecisions({ comments, current, at, gone, picked })
  return {
    wanted,
    comments,
    counts,
    current,
    at,
    move,
    queue,
    decidedToday,
    ...decisions,
    ...useManyDecisions(current, decisions),
    ...useReplying(current, decisions),
    acts: useCommentActs(current, decisions),
  }
}
