import type { ComputedRef } from 'vue'
import { api, type Schemas, take } from '../../api'
import type { useDecisions } from './useDecisions'
import { useUndoableAct } from './useUndoableAct'
import { t } from '../texts'

type MarkRequest = Schemas['MarkRequest']

/** Bans and trust of whoever wrote the comment looked at. */
export function useCommentMarks(
  current: ComputedRef<Schemas['QueuedComment'] | null>,
  decisions: ReturnType<typeof useDecisions>,
) {
  const { act, keepMany, pathOf } = decisions
  const run = useUndoableAct(current, decisions)

  const dropMark = (comment: Schemas['QueuedComment'], mark: number) =>
    take(api.DELETE('/api/sites/{site}/comments/marks/{mark}', { params: { path: { site: comment.siteId, mark } } }))
  const sendMark = (comment: Schemas['QueuedComment'], mark: MarkRequest) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/mark', { ...pathOf(comment), body: mark }))

  async function mark(wanted: MarkRequest): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() => sendMark(comment, wanted))
    if (!done) return false
    const words =
      wanted.mark === 'banned'
        ? done.decided.length
          ? t('bannedShownEarlierComments', { shown: done.shown, decided: done.decided.length })
          : t('bannedShown', { shown: done.shown })
        : done.decided.length
          ? t('trustedShownEarlierComments', { shown: done.shown, decided: done.decided.length })
          : t('trustedShown', { shown: done.shown })
    await keepMany(comment, words, done.decided, () => dropMark(comment, done.id))
    return true
  }

  const unmark = (gone: Schemas['MarkView']) =>
    run(gone.mark === 'banned' ? t('banLifted') : t('noLongerTrusted'), async (comment) => {
      await dropMark(comment, gone.id)
      const host = gone.by === 'host' ? gone.shown : null
      return () => sendMark(comment, { mark: gone.mark, by: gone.by, host, until: gone.until, past: null })
    })

  return { mark, unmark }
}
