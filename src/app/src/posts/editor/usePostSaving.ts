import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../../api'
import { useRefresh } from '../../shared'
import type { Draft } from './draft'
import type { PostState } from './usePostState'

type Status = Schemas['PostStatus']

/** Saving a post under a status. */
export function usePostSaving(
  site: () => number,
  { id, stored, waiting, post, autosave, act, path, takeOver }: PostState,
) {
  const router = useRouter()
  const refresh = useRefresh('posts', 'coverage', 'blogs', 'calendar')

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
    void refresh()
    return true
  }

  return { save }
}
