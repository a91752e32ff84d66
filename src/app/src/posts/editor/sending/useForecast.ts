import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../../../api'

/** Which mails will bring a post. */
export function useForecast(post: () => { siteId: number; postId: number; revision: number }) {
  return useQuery({
    queryKey: ['forecast', () => post().siteId, () => post().postId, () => post().revision],
    queryFn: () =>
      take(
        api.GET('/api/sites/{site}/posts/{post}/forecast', {
          params: { path: { site: post().siteId, post: post().postId } },
        }),
      ),
  })
}
