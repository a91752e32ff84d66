import { useQueryClient } from '@tanstack/vue-query'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../../api'
import type { Draft } from './draft'
import type { PostState } from './usePostState'

type Status = Schemas['PostStatus']

/** Saving a post, keeping changes beside a public one, and forgetting them. */
export function usePostSaving(
  site: () => number,
  { id, stored, waiting, post, kept, autosave, act, path, takeOver }: PostState,
) {
  const router = useRouter()
  const queries = useQueryClient()

  // The date of a schedule is no date of publication; the server knows the one a post had.
  const request = (status: Status, extra: Partial<Draft>) => ({
    ...post,
    publishedAt: post.status === 'published' ? post.publishedAt : null,
    ...extra,
    status,
  })

  const send = (body: Draft) =>
    id.value === null
      ? take(api.POST('/api/sites/{site}/posts', { params: { path: { site: site() } }, body }))
      : take(api.PUT('/api/sites/{site}/posts/{post}', { ...path(), body }))

  /** Saves under a status; what is typed while the answer is on its way stays. */
  async function save(status: Status = post.status, extra: Partial<Draft> = {}): Promise<boolean> {
    autosave.stop()
    const typed = JSON.stringify(post)
    const view = await act.run(() => send(request(status, extra)))
    if (!view) return false
    const isFirst = id.value === null
    id.value = view.id
    if (JSON.stringify(post) === typed) takeOver(view, false)
    else Object.assign(post, { revision: view.revision, status: view.status, slug: view.slug })
    stored.value = view
    waiting.value = null
    if (isFirst)
      window.history.replaceState(
        window.history.state,
        '',
        router.resolve({ name: 'post', params: { site: site(), post: view.id } }).href,
      )
    for (const key of ['posts', 'coverage', 'blogs', 'calendar']) void queries.invalidateQueries({ queryKey: [key] })
    return true
  }

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

  return { save, keep, dropWaiting }
}
