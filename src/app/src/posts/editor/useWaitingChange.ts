import { api, take } from '../../api'
import type { PostState } from './usePostState'

/** Changes to a public post that wait beside it until they are published. */
export function useWaitingChange({ stored, waiting, post, kept, autosave, act, path, takeOver }: PostState) {
  /** Keeps changes to a public post beside it. */
  async function keep(): Promise<void> {
    const typed = JSON.stringify(post)
    const done = await act.run(
      async () => (
        await take(api.PUT('/api/sites/{site}/posts/{post}/waiting', { ...path(), body: { ...post } })),
        true
      ),
    )
    if (done) kept.value = typed
  }

  /** Forgets the changes that wait, and shows what readers see. */
  async function dropWaiting(): Promise<void> {
    autosave.stop()
    await act.run(() => take(api.DELETE('/api/sites/{site}/posts/{post}/waiting', path())))
    waiting.value = null
    kept.value = ''
    if (stored.value) takeOver(stored.value)
  }

  return { keep, dropWaiting }
}
