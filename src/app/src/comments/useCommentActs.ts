import type { ComputedRef } from 'vue'
import { api, type Schemas, take } from '../api'
import type { useDecisions } from './queue/useDecisions'

type Decisions = ReturnType<typeof useDecisions>
type MarkRequest = Schemas['MarkRequest']

/** What is done with a comment beside deciding, each with a way back. */
export function useCommentActs(current: ComputedRef<Schemas['QueuedComment'] | null>, { act, deeds, keepMany, refresh, pathOf }: Decisions) {
  /** Runs an act on the comment looked at, keeps its way back, and says whether it was done. */
  async function run(words: string, how: (comment: Schemas['QueuedComment']) => Promise<(() => Promise<unknown>) | null>): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(async () => ({ back: await how(comment) }))
    if (done?.back) deeds.value.push({ words, ids: [], back: done.back })
    await refresh()
    return !!done
  }

  const put = (comment: Schemas['QueuedComment'], text: string) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/text', { ...pathOf(comment), body: { text } }))
  const edit = (text: string, before: string) => run('Edited', async (comment) => (await put(comment, text), () => put(comment, before)))

  const place = (comment: Schemas['QueuedComment'], to: Schemas['CommentPlaceRequest']) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/place', { ...pathOf(comment), body: to }))
  const move = (threadId: number) =>
    run('Moved', async (comment) => {
      const before = await place(comment, { threadId, parentId: null })
      return () => place(comment, before)
    })

  const give = (comment: Schemas['QueuedComment'], personId: number | null) =>
    take(api.PUT('/api/sites/{site}/comments/{comment}/assignee', { ...pathOf(comment), body: { personId } }))
  const assign = (personId: number | null) =>
    run(
      personId ? 'Given to a colleague' : 'Given to nobody',
      async (comment) => (await give(comment, personId), () => give(comment, comment.assignedToId ?? null)),
    )

  const dropNote = (comment: Schemas['QueuedComment'], note: number) =>
    take(api.DELETE('/api/sites/{site}/comments/{comment}/notes/{note}', { params: { path: { site: comment.siteId, comment: comment.id, note } } }))
  const addNote = (comment: Schemas['QueuedComment'], text: string) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/notes', { ...pathOf(comment), body: { text } }))
  const note = (text: string) =>
    run('Noted', async (comment) => {
      const made = await addNote(comment, text)
      return () => dropNote(comment, made.id)
    })
  const unnote = (gone: Schemas['NoteView']) => run('Note removed', async (comment) => (await dropNote(comment, gone.id), () => addNote(comment, gone.text)))

  const dropMark = (comment: Schemas['QueuedComment'], mark: number) =>
    take(api.DELETE('/api/sites/{site}/comments/marks/{mark}', { params: { path: { site: comment.siteId, mark } } }))
  const sendMark = (comment: Schemas['QueuedComment'], mark: MarkRequest) =>
    take(api.POST('/api/sites/{site}/comments/{comment}/mark', { ...pathOf(comment), body: mark }))

  async function mark(wanted: MarkRequest): Promise<boolean> {
    const comment = current.value
    if (!comment) return false
    const done = await act.run(() => sendMark(comment, wanted))
    if (!done) return false
    const words = `${wanted.mark === 'banned' ? 'Banned' : 'Trusts'}: ${done.shown}${done.decided.length ? `, with ${done.decided.length} of before` : ''}`
    await keepMany(comment, words, done.decided, () => dropMark(comment, done.id))
    return true
  }

  const unmark = (gone: Schemas['MarkView']) =>
    run(gone.mark === 'banned' ? 'Ban lifted' : 'Trusted no longer', async (comment) => {
      await dropMark(comment, gone.id)
      const host = gone.by === 'host' ? gone.shown : null
      return () => sendMark(comment, { mark: gone.mark, by: gone.by, host, until: gone.until, past: null })
    })

  /** For good: there is no way back. */
  const erase = () => run('', async (comment) => (await take(api.POST('/api/sites/{site}/comments/{comment}/erasure', pathOf(comment))), null))

  return { edit, move, assign, note, unnote, mark, unmark, erase }
}
