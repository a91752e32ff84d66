import { useQueryClient } from '@tanstack/vue-query'
import { ref, type ComputedRef, type Ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAct } from '../shared/useAct'

type Standing = Schemas['CommentStanding']
interface Decision {
  author: string
  now: Standing
  decided: Schemas['DecisionView'][]
}

/** What decisions are made on: the comments shown, the one looked at, and those that left the screen. */
interface Desk {
  site: () => number
  comments: ComputedRef<Schemas['QueuedComment'][]>
  current: ComputedRef<Schemas['QueuedComment'] | null>
  at: ComputedRef<number>
  gone: Ref<Set<number>>
  picked: Ref<string>
}

/** Deciding with a way back. Decided comments leave the screen at once; the next one is already there. */
export function useDecisions({ site, comments, current, at, gone, picked }: Desk) {
  const queries = useQueryClient()
  const act = useAct()
  const decisions = ref<Decision[]>([])
  const pathOf = (comment: number) => ({ params: { path: { site: site(), comment } } })

  const send = (id: number, to: Standing, seen: Standing) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/decision', { ...pathOf(id), body: { standing: to, seen } }))

  async function refresh(): Promise<void> {
    for (const key of ['comments', 'conversation', 'sites', 'coverage']) await queries.invalidateQueries({ queryKey: [key] })
  }

  /** Takes comments off the screen and looks at the next that stays, or else at the one before. */
  function leave(ids: Set<number>): void {
    const stays = (one: Schemas['QueuedComment']) => !ids.has(one.id)
    const next = comments.value.slice(at.value).find(stays) ?? comments.value.slice(0, at.value).findLast(stays)
    gone.value = new Set([...gone.value, ...ids])
    picked.value = next ? String(next.id) : ''
  }

  function restore(ids: number[]): void {
    gone.value = new Set([...gone.value].filter((id) => !ids.includes(id)))
    picked.value = String(ids[0])
  }

  async function decide(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment || comment.standing === to) return
    leave(new Set([comment.id]))
    const done = await act.run(() => send(comment.id, to, comment.standing))
    if (done) decisions.value.push({ author: comment.author, now: to, decided: [done] })
    else restore([comment.id])
    await refresh()
  }

  /** Everything of the writer that waits or is public. */
  async function decideWriter(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const done = await act.run(() => take(api.POST('/api/sites/{site}/comments/{comment}/writer', { ...pathOf(comment.id), body: { standing: to } })))
    if (!done) return
    leave(new Set(done.decided.map((one) => one.id)))
    decisions.value.push({ author: comment.author, now: to, decided: done.decided })
    await refresh()
  }

  function takeBack({ decided }: Decision): Promise<unknown> {
    const [first] = decided
    if (decided.length === 1) return send(first!.id, first!.before, first!.standing)
    const body = { decisions: decided.map((one) => ({ id: one.id, standing: one.before, before: one.standing })) }
    return take(api.POST('/api/sites/{site}/comments/decisions', { params: { path: { site: site() } }, body }))
  }

  async function undo(): Promise<void> {
    const last = decisions.value.pop()
    if (!last) return
    if (await act.run(() => takeBack(last))) restore(last.decided.map((one) => one.id))
    await refresh()
  }

  async function answer(text: string): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() => take(api.POST('/api/sites/{site}/comments/{comment}/answer', { ...pathOf(comment.id), body: { text } })))
    if (!done) return false
    if (comment.standing === 'waiting')
      decisions.value.push({ author: comment.author, now: 'public', decided: [{ id: comment.id, before: 'waiting', standing: 'public' }] })
    await refresh()
    return true
  }

  return { decide, decideWriter, undo, answer, decisions, act }
}
