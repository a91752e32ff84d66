import type { ComputedRef } from 'vue'
import { api, type Schemas, take } from '../../api'
import type { useDecisions } from './useDecisions'
import { useCommentMarks } from './useCommentMarks'
import { useUndoableAct } from './useUndoableAct'
import { t } from '../texts'

type Decisions = ReturnType<typeof useDecisions>

/** What is done with a comment beside deciding, each with a way back. */
export function useCommentActs(current: ComputedRef<Schemas['QueuedComment'] | null>, decisions: Decisions) {
  const run = useUndoableAct(current, decisions)
  const { pathOf } = decisions
  const put = (comment: Schemas['QueuedComment'], text: string) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/text', { ...pathOf(comment), body: { text } }))
  const edit = (text: string, before: string) =>
    run(t('edited2'), async (comment) => (await put(comment, text), () => put(comment, before)))

  const place = (comment: Schemas['QueuedComment'], to: Schemas['CommentPlaceRequest']) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/place', { ...pathOf(comment), body: to }))
  const move = (threadId: number) =>
    run(t('moved'), async (comment) => {
      const before = await place(comment, { threadId, parentId: null })
      return () => place(comment, before)
    })

  const give = (comment: Schemas['QueuedComment'], personId: number | null) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/assignee', { ...pathOf(comment), body: { personId } }))
  const assign = (personId: number | null) =>
    run(
      personId ? t('assigned') : t('unassigned'),
      async (comment) => (await give(comment, personId), () => give(comment, comment.assignedToId ?? null)),
    )

  const dropNote = (comment: Schemas['QueuedComment'], note: number) =>
    take(
      api.DELETE('/api/sites/{site}/comments/{comment}/notes/{note}', {
        params: { path: { site: comment.siteId, comment: comment.id, note } },
      }),
    )
  const addNote = (comment: Schemas['QueuedComment'], text: string) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/notes', { ...pathOf(comment), body: { text } }))
  const note = (text: string) =>
    run(t('noteAdded'), async (comment) => {
      const made = await addNote(comment, text)
      return () => dropNote(comment, made.id)
    })
  const unnote = (gone: Schemas['NoteView']) =>
    run(t('noteRemoved'), async (comment) => (await dropNote(comment, gone.id), () => addNote(comment, gone.text)))

  /** For good: there is no way back. */
  const erase = () =>
    run(
      '',
      async (comment) => (await take(api.POST('/api/sites/{site}/comments/{comment}/erasure', pathOf(comment))), null),
    )

  return { edit, move, assign, note, unnote, ...useCommentMarks(current, decisions), erase }
}
