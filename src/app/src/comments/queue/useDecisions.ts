import { useQueryClient } from '@tanstack/vue-query'
import { ref, type ComputedRef, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'

type Standing = Schemas['CommentStanding']

/** Something that was done, and how it is taken back. */
export interface Deed {
  words: string
  /** Comments that come back into the list with it. */
  ids: number[]
  back: () => Promise<unknown>
}

/** What decisions are made on: the comments shown, the one looked at, and those that left the screen. */
export interface Desk {
  comments: ComputedRef<Schemas['QueuedComment'][]>
  current: ComputedRef<Schemas['QueuedComment'] | null>
  at: ComputedRef<number>
  gone: Ref<Set<number>>
  picked: Ref<string>
}

const past: Record<Standing, string> = { public: 'Published', hidden: 'Hid', spam: 'Marked as spam', waiting: 'Put back', deleted: 'Deleted' }

/** Deciding with a way back. Decided comments leave the screen at once; the next one is already there. */
export function useDecisions({ comments, current, at, gone, picked }: Desk) {
  const queries = useQueryClient()
  const act = useAct()
  const deeds = ref<Deed[]>([])
  const pathOf = (comment: Schemas['QueuedComment']) => ({ params: { path: { site: comment.siteId, comment: comment.id } } })

  const send = (comment: Schemas['QueuedComment'], standing: Standing, seen: Standing) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/decision', { ...pathOf(comment), body: { standing, seen } }))

  /** A list of decisions is taken back as a list, each only where it still stands. */
  function backOf(site: number, decided: Schemas['DecisionView'][]): () => Promise<unknown> {
    const body = { decisions: decided.map((one) => ({ id: one.id, standing: one.before, before: one.standing })) }
    return () => take(api.POST('/api/sites/{site}/comments/decisions', { params: { path: { site } }, body }))
  }

  async function refresh(): Promise<void> {
    for (const key of ['comments', 'conversation', 'sites', 'coverage', 'comment-marks', 'comment-record']) await queries.invalidateQueries({ queryKey: [key] })
  }

  /** Takes comments off the screen and looks at the next that stays, or else at the one before. */
  function leave(ids: Set<number>): void {
    if (ids.size === 0) return
    const stays = (one: Schemas['QueuedComment']) => !ids.has(one.id)
    const next = comments.value.slice(at.value).find(stays) ?? comments.value.slice(0, at.value).findLast(stays)
    gone.value = new Set([...gone.value, ...ids])
    picked.value = next ? String(next.id) : ''
  }

  function restore(ids: number[]): void {
    if (ids.length === 0) return
    gone.value = new Set([...gone.value].filter((id) => !ids.includes(id)))
    picked.value = String(ids[0])
  }

  async function decide(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment || comment.standing === to) return
    leave(new Set([comment.id]))
    const done = await act.run(() => send(comment, to, comment.standing))
    if (done) deeds.value.push({ words: `${past[to]}: ${comment.author}`, ids: [comment.id], back: () => send(comment, comment.standing, to) })
    else restore([comment.id])
    await refresh()
  }

  /** Keeps what was decided on many as one deed. */
  async function keepMany(comment: Schemas['QueuedComment'], words: string, decided: Schemas['DecisionView'][], more?: () => Promise<unknown>): Promise<void> {
    leave(new Set(decided.map((one) => one.id)))
    const back = backOf(comment.siteId, decided)
    deeds.value.push({ words, ids: decided.map((one) => one.id), back: async () => (await more?.(), decided.length ? await back() : true) })
    await refresh()
  }

  /** Everything of the writer that waits or is public. */
  async function decideWriter(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const done = await act.run(() => take(api.POST('/api/sites/{site}/comments/{comment}/writer', { ...pathOf(comment), body: { standing: to } })))
    if (done) await keepMany(comment, `${past[to]}: ${done.decided.length} of ${comment.author}`, done.decided)
  }

  /** Everything in the thread that waits or is public. */
  async function clearThread(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const path = { params: { path: { site: comment.siteId, thread: comment.threadId } } }
    const done = await act.run(() => take(api.POST('/api/sites/{site}/threads/{thread}/clear', { ...path, body: { standing: to } })))
    if (done) await keepMany(comment, `${past[to]}: ${done.decided.length} in “${comment.threadTitle}”`, done.decided)
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
    const done = await act.run(() => take(api.POST('/api/sites/{site}/comments/{comment}/answer', { ...pathOf(comment), body: { text } })))
    if (!done) return false
    if (comment.standing === 'waiting')
      deeds.value.push({ words: `Published and answered: ${comment.author}`, ids: [comment.id], back: () => send(comment, 'waiting', 'public') })
    await refresh()
    return true
  }

  return { decide, decideWriter, clearThread, undo, answer, deeds, act, keepMany, refresh, pathOf }
}
