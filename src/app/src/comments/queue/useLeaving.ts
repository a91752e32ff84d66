import type { ComputedRef, Ref } from 'vue'
import type { Schemas } from '../../api'

/** What decisions are made on: the comments shown, the one looked at, and those that left the screen. */
export interface Desk {
  comments: ComputedRef<Schemas['QueuedComment'][]>
  current: ComputedRef<Schemas['QueuedComment'] | null>
  at: ComputedRef<number>
  gone: Ref<Set<number>>
  picked: Ref<string>
}

/** Comments that leave the screen when they are decided, and come back when it is taken back. */
export function useLeaving({ comments, at, gone, picked }: Desk) {
  /** Takes comments off the screen and looks at the next that stays, or else at the one before. */
  function leave(ids: Set<number>): void {
    if (ids.size === 0) return
    const stays = (comment: Schemas['QueuedComment']) => !ids.has(comment.id)
    const next = comments.value.slice(at.value).find(stays) ?? comments.value.slice(0, at.value).findLast(stays)
    gone.value = new Set([...gone.value, ...ids])
    picked.value = next ? String(next.id) : ''
  }

  function restore(ids: number[]): void {
    if (ids.length === 0) return
    gone.value = new Set([...gone.value].filter((id) => !ids.includes(id)))
    picked.value = String(ids[0])
  }

  return { leave, restore }
}
