import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, take } from '../../api'

/** The blogs a rule may hold for. */
export function useRuleBlogs(site: Ref<number>) {
  const query = useQuery({
    queryKey: ['comment-settings', site],
    queryFn: () => take(api.GET('/api/sites/{site}/comments/settings', { params: { path: { site: site.value } } })),
    select: (settings) => settings.blogs,
  })
  return computed(() => query.data.value ?? [])
}
