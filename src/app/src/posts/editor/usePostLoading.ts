import { useQuery } from '@tanstack/vue-query'
import { watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import type { PostState } from './usePostState'

/** Opens a post with the changes that wait beside it, or begins one in the first blog that is written here. */
export function usePostLoading(
  site: () => number,
  { id, stored, waiting, post, saved, kept, path, takeOver }: PostState,
) {
  const { data: blogs } = useQuery({
    queryKey: ['blogs', site],
    queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: site() } } })),
  })
  const loaded = useQuery({
    queryKey: ['post', site, id],
    queryFn: async () => ({
      view: await take(api.GET('/api/sites/{site}/posts/{post}', path())),
      waiting: (await take(api.GET('/api/sites/{site}/posts/{post}/waiting', path()))) as
        Schemas['WaitingView'] | undefined,
    }),
    enabled: () => id.value !== null && stored.value === null,
    staleTime: 0,
  })

  watch(
    loaded.data,
    (found) => {
      if (!found || stored.value !== null) return
      takeOver(found.view)
      waiting.value = found.waiting ?? null
      if (!found.waiting || found.view.status !== 'published') return
      Object.assign(post, found.waiting.content, { revision: found.view.revision, status: found.view.status })
      kept.value = JSON.stringify(post)
    },
    { immediate: true },
  )
  watch(
    blogs,
    (all) => {
      if (post.blogId === 0 && id.value === null) post.blogId = all?.find((blog) => blog.writtenHere)?.id ?? 0
      if (id.value === null && !saved.value) saved.value = JSON.stringify(post)
    },
    { immediate: true },
  )

  return { blogs, loading: loaded.isLoading, failed: loaded.error }
}
