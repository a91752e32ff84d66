import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { toValue, type MaybeRefOrGetter } from 'vue'
import { api, take } from '../api'

/** What the team of a site was told and nobody has put away yet. */
export function useNotices(site: MaybeRefOrGetter<number>) {
  const queries = useQueryClient()
  const { data } = useQuery({
    queryKey: ['notices', () => toValue(site)],
    queryFn: () => take(api.GET('/api/sites/{site}/notices', { params: { path: { site: toValue(site) } } })),
    enabled: () => toValue(site) > 0,
    refetchInterval: 15_000,
  })
  return { data, reload: () => queries.invalidateQueries({ queryKey: ['notices'] }) }
}
