import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { type Desk, useLeaving } from './useLeaving'

type Standing = Schemas['CommentStanding']

/** Something that was done, and how it is taken back. */
export interface Deed {
  words: string
  /** Comments that come back into the list with it. */
  ids: number[]
  back: () => Promise<unknown>
}

/** What was done, as its line in the list of decisions begins. */
export const past: Record<Standing, string> = {
  public: 'Published',
  hidden: 'Hidden',
  spam: 'Marked as spam',
  waiting: 'Moved back to Waiting',
  deleted: 'Deleted',
}

/** Deciding with a way back. Decided comments leave the screen at once; the next one is already there. */
export function useDecisions(desk: Desk) {
  const { current } = desk
  const queries = useQueryClient()
  const act = useAct()
  const { leave, restore } = useLeaving(desk)
  const deeds = ref<Deed[]>([])
  const pathOf = (comment: Schemas['QueuedComment']) => ({
    params: { path: { site: comment.siteId, comment: comment.id } },
  })

  const send = (comment: Schemas['QueuedComment'], standing: Standing, seen: Standing) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/decision', { ...pathOf(comment), body: { standing, seen } }))

  /** A list of decisions is taken back as a list, each only where it still stands. */
  function backOf(site: number, decided: Schemas['DecisionView'][]): () => Promise<unknown> {
    const body = {
      decisions: decided.map((decision) => ({ id: decision.id, standing: decision.before, before: decision.standing })),
    }
    return () => take(api.POST('/api/sites/{site}/comments/decisions', { params: { path: { site } }, body }))
  }

  async function refresh(): Promise<void> {
    for (const key of ['comments', 'conversation', 'sites', 'coverage', 'comment-marks', 'comment-record'])
      await queries.invalidateQueries({ queryKey: [key] })
  }

  async function decide(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment || comment.standing === to) return
    leave(new Set([comment.id]))
    const done = await act.run(() => send(comment, to, comment.standing))
    if (done)
      deeds.value.push({
        words: `${past[to]}: ${comment.author}`,
        ids: [comment.id],
        back: () => send(comment, comment.standing, to),
      })
    else restore([comment.id])
    await refresh()
  }

  /** Keeps what was decided on many as one deed. */
  async function keepMany(
    comment: Schemas['QueuedComment'],
    words: string,
    decided: Schemas['DecisionView'][],
    more?: () => Promise<unknown>,
  ): Promise<void> {
    leave(new Set(decided.map((decision) => decision.id)))
    const back = backOf(comment.siteId, decided)
    deeds.value.push({
      words,
      ids: decided.map((decision) => decision.id),
      back: async () => (await more?.(), decided.length ? await back() : true),
    })
    await refresh()
  }

  async function undo(): Promise<void> {
    const last = deeds.value.pop()
    if (!last) return
    if (await act.run(async () => (await last.back(), true))) restore(last.ids)
    await refresh()
  }

  async function answer(text: string): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/{comment}/answer', { ...pathOf(comment), body: { text } })),
    )
    if (!done) return false
    if (comment.standing === 'waiting')
      deeds.value.push({
        words: `Published and answered: ${comment.author}`,
        ids: [comment.id],
        back: () => send(comment, 'waiting', 'public'),
      })
    await refresh()
    return true
  }

  return { decide, undo, answer, deeds, act, keepMany, refresh, pathOf }
}
