import { useRefresh } from '../acts/useRefresh'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../acts/useAct'
import { useNotice } from '../acts/useNotice'
import { t } from '../texts'

/** A change to one or many posts that can be taken back for a while. */
export function useChangeOfPosts(site: () => number) {
  const act = useAct()
  const { say } = useNotice()

  /** Makes the change, says what was done, and offers the way back. */
  async function make(body: Schemas['BulkRequest'], done: (count: number) => string): Promise<boolean> {
    const result = await act.run(() =>
      take(api.POST('/api/sites/{site}/posts/bulk', { params: { path: { site: site() } }, body })),
    )
    if (!result) return false
    refresh()
    say(done(result.posts), () => undo(result.change))
    return true
  }

  async function undo(change: number): Promise<void> {
    const result = await act.run(() =>
      take(api.POST('/api/sites/{site}/posts/bulk/{change}/undo', { params: { path: { site: site(), change } } })),
    )
    if (!result) return
    refresh()
    say(
      result.kept
        ? t('postsBeforeWereChanged', { posts: result.posts, were: result.kept })
        : t('postsBefore', { posts: result.posts }),
    )
  }

  const refresh = useRefresh('posts', 'terms', 'coverage', 'blogs', 'comment-settings')

  return { act, make, refresh }
}
