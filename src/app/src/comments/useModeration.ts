import { useInfiniteQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAct } from '../shared/useAct'

type Standing = Schemas['CommentStanding']
interface Decision {
  author: string
  now: Standing
  decided: Schemas['DecisionView'][]
}

/** The queue, the comment looked at, and deciding with a way back. Decided comments leave the screen at once; the next one is already there. */
export function useModeration(site: () => number, standing: Ref<string>, search: Ref<string>, picked: Ref<string>) {
  const queries = useQueryClient()
  const act = useAct()
  const wanted = computed(() => (standing.value || 'waiting') as Standing)
  const gone = ref(new Set<number>())
  const decisions = ref<Decision[]>([])
  const path = () => ({ site: site() })
  const queue = useInfiniteQuery({
    queryKey: ['comments', site, wanted, search],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/sites/{site}/comments', {
          params: { path: path(), query: { standing: wanted.value, search: search.value || undefined, after: pageParam || undefined } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next ?? undefined,
    refetchInterval: 20_000,
  })
  const comments = computed(() => (queue.data.value?.pages.flatMap((page) => page.comments) ?? []).filter((one) => !gone.value.has(one.id)))
  const counts = computed(() => queue.data.value?.pages[0]?.counts)
  const at = computed(() => comments.value.findIndex((one) => String(one.id) === picked.value))
  const current = computed(() => comments.value[at.value] ?? null)
  watch(comments, (now) => {
    if (at.value < 0) picked.value = now[0] ? String(now[0].id) : ''
    if (now.length < 10 && queue.hasNextPage.value && !queue.isFetchingNextPage.value) void queue.fetchNextPage()
  })

  function move(by: number): void {
    const next = comments.value[Math.min(comments.value.length - 1, Math.max(0, at.value + by))]
    if (next) picked.value = String(next.id)
  }

  const send = (id: number, to: Standing, seen: Standing) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/decision', { params: { path: { ...path(), comment: id } }, body: { standing: to, seen } }))

  async function refresh(): Promise<void> {
    for (const key of ['comments', 'conversation', 'sites', 'coverage']) await queries.invalidateQueries({ queryKey: [key] })
  }

  async function decide(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment || comment.standing === to) return
    const next = comments.value[at.value + 1] ?? comments.value[at.value - 1]
    gone.value = new Set(gone.value).add(comment.id)
    picked.value = next ? String(next.id) : ''
    const done = await act.run(() => send(comment.id, to, comment.standing))
    if (done) decisions.value.push({ author: comment.author, now: to, decided: [done] })
    else restore([comment.id])
    await refresh()
  }

  /** Everything of the writer that waits or is public. */
  async function decideWriter(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/{comment}/writer', { params: { path: { ...path(), comment: comment.id } }, body: { standing: to } })),
    )
    if (!done) return
    const ids = new Set(done.decided.map((one) => one.id))
    const next = comments.value.slice(at.value).find((one) => !ids.has(one.id)) ?? comments.value.find((one) => !ids.has(one.id))
    gone.value = new Set([...gone.value, ...ids])
    picked.value = next ? String(next.id) : ''
    decisions.value.push({ author: comment.author, now: to, decided: done.decided })
    await refresh()
  }

  function restore(ids: number[]): void {
    gone.value = new Set([...gone.value].filter((id) => !ids.includes(id)))
    picked.value = String(ids[0])
  }

  async function undo(): Promise<void> {
    const last = decisions.value.pop()
    if (!last) return
    const [only] = last.decided
    const ids = last.decided.map((one) => one.id)
    const back = () =>
      last.decided.length === 1
        ? send(only!.id, only!.before, only!.standing)
        : take(
            api.POST('/api/sites/{site}/comments/decisions', {
              params: { path: path() },
              body: { decisions: last.decided.map((one) => ({ id: one.id, standing: one.before, before: one.standing })) },
            }),
          )
    if (await act.run<unknown>(back)) restore(ids)
    await refresh()
  }

  async function answer(text: string): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/{comment}/answer', { params: { path: { ...path(), comment: comment.id } }, body: { text } })),
    )
    if (!done) return false
    if (comment.standing === 'waiting')
      decisions.value.push({ author: comment.author, now: 'public', decided: [{ id: comment.id, before: 'waiting', standing: 'public' }] })
    await refresh()
    return true
  }

  const decidedToday = computed(() => queue.data.value?.pages[0]?.decidedToday ?? 0)
  return { wanted, comments, counts, current, at, move, decide, decideWriter, undo, answer, decisions, act, queue, decidedToday }
}
