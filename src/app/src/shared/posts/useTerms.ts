import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../../api'

/** Categories, tags and authors in use on a site, the most used first. */
export function useTerms(site: () => number) {
  return useQuery({
    queryKey: ['terms', site],
    queryFn: () => take(api.GET('/api/sites/{site}/posts/terms', { params: { path: { site: site() } } })),
  })
}
