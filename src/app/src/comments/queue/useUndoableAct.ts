import type { ComputedRef } from 'vue'
import type { Schemas } from '../../api'
import type { useDecisions } from './useDecisions'

/** Runs an act on the comment looked at, keeps its way back, and says whether it was done. */
export function useUndoableAct(
  current: ComputedRef<Schemas['QueuedComment'] | null>,
  { act, deeds, refresh }: ReturnType<typeof useDecisions>,
) {
  return async (
    words: string,
    how: (comment: Schemas['QueuedComment']) => Promise<(() => Promise<unknown>) | null>,
  ): Promise<boolean> => {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(async () => ({ back: await how(comment) }))
    if (done?.back) deeds.value.push({ words, ids: [], back: done.back })
    await refresh()
    return !!done
  }
}
