import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { decided, useAct, useRefresh } from '../../shared'
import { type Desk, useLeaving } from './useLeaving'

type Standing = Schemas['CommentStanding']

/** Something that was done, and how it is taken back. */
export interface Deed {
  words: string
  /** Comments that come back into the list with it. */
  ids: number[]
  back: () => Promise<unknown>
}

/** A list of decisions is taken back as a list, each only where it still stands. */
function backOf(site: number, done: Schemas['DecisionView'][]): () => Promise<unknown> {
  const body = {
    decisions: done.map((decision) => ({ id: decision.id, standing: decision.before, before: decision.standing })),
  }
  return () => take(api.POST('/api/sites/{site}/comments/decisions', { params: { path: { site } }, body }))
}

/** Deciding with a way back. Decided comments leave the screen at once; the next one is already there. */
export function useDecisions(desk: Desk) {
  const { current } = desk
  const act = useAct()
  const { leave, restore } = useLeaving(desk)
  const deeds = ref<Deed[]>([])
  const pathOf = (comment: Schemas['QueuedComment']) => ({
    params: { path: { site: comment.siteId, comment: comment.id } },
  })

  const send = (comment: Schemas['QueuedComment'], standing: Standing, seen: Standing) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/decision', { ...pathOf(comment), body: { standing, seen } }))

  const refresh = useRefresh('comments', 'conversation', 'sites', 'coverage', 'comment-marks', 'comment-record')

  async function decide(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment || comment.standing === to) return
    leave(new Set([comment.id]))
    const done = await act.run(() => send(comment, to, comment.standing))
    if (done)
      deeds.value.push({
        words: `${decided[to]}: ${comment.author}`,
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
    done: Schemas['DecisionView'][],
    more?: () => Promise<unknown>,
  ): Promise<void> {
    leave(new Set(done.map((decision) => decision.id)))
    const back = backOf(comment.siteId, done)
    deeds.value.push({
      words,
      ids: done.map((decision) => decision.id),
      back: async () => (await more?.(), done.length ? await back() : true),
    })
    await refresh()
  }

  async function undo(): Promise<void> {
    const last = deeds.value.pop()
    if (!last) return
    if (await act.run(async () => (await last.back(), true))) restore(last.ids)
    await refresh()
  }

  return { decide, send, undo, deeds, act, keepMany, refresh, pathOf }
}
