import type { ComputedRef } from 'vue'
import { api, type Schemas, take } from '../../api'
import { decided } from '../../shared'
import type { useDecisions } from './useDecisions'
import { t } from '../texts'

type Standing = Schemas['CommentStanding']

/** Deciding everything of one writer or in one thread, as one deed with one way back. */
export function useManyDecisions(
  current: ComputedRef<Schemas['QueuedComment'] | null>,
  { act, keepMany, pathOf }: ReturnType<typeof useDecisions>,
) {
  /** Everything of the writer that waits or is public. */
  async function decideWriter(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/{comment}/writer', { ...pathOf(comment), body: { standing: to } })),
    )
    if (done)
      await keepMany(
        comment,
        t('decidedAuthor', { to: decided[to], decided: done.decided.length, author: comment.author }),
        done.decided,
      )
  }

  /** Everything in the thread that waits or is public. */
  async function clearThread(to: Standing): Promise<void> {
    const comment = current.value
    if (!comment) return
    const path = { params: { path: { site: comment.siteId, thread: comment.threadId } } }
    const done = await act.run(() =>
      take(api.POST('/api/sites/{site}/threads/{thread}/clear', { ...path, body: { standing: to } })),
    )
    if (done)
      await keepMany(
        comment,
        t('decidedThreadtitle', { to: decided[to], decided: done.decided.length, threadTitle: comment.threadTitle }),
        done.decided,
      )
  }

  return { decideWriter, clearThread }
}
