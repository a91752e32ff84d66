import type { ComputedRef } from 'vue'
import { api, type Schemas, take } from '../../api'
import type { useDecisions } from './useDecisions'
import { t } from '../texts'

/** Replying as the team; a comment that waits is published with the reply. */
export function useReplying(
  current: ComputedRef<Schemas['QueuedComment'] | null>,
  { act, deeds, refresh, send, pathOf }: ReturnType<typeof useDecisions>,
) {
  async function answer(text: string): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/{comment}/answer', { ...pathOf(comment), body: { text } })),
    )
    if (!done) return false
    if (comment.standing === 'waiting')
      deeds.value.push({
        words: t('publishedRepliedAuthor', { author: comment.author }),
        ids: [comment.id],
        back: () => send(comment, 'waiting', 'public'),
      })
    await refresh()
    return true
  }

  return { answer }
}
