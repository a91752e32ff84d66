import { useQueries } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'

/** The public own fields of the blogs a listing takes, each key once. */
export function useOwnFields(site: () => number, blogs: () => number[]) {
  const answers = useQueries({
    queries: computed(() =>
      blogs().map((blog) => ({
        queryKey: ['fields', site(), blog],
        queryFn: () =>
          take(api.GET('/api/sites/{site}/blogs/{blog}/fields', { params: { path: { site: site(), blog } } })),
        staleTime: 60_000,
      })),
    ),
  })
  return computed(() => {
    const byKey = new Map<string, Schemas['OwnField']>()
    for (const answer of answers.value)
      for (const field of answer.data ?? []) if (field.isPublic && !byKey.has(field.key)) byKey.set(field.key, field)
    return [...byKey.values()]
  })
}
