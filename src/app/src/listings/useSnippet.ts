import { useQuery } from '@tanstack/vue-query'
import type { Ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { useQueryValue } from '../shared'

/** The snippet of a listing for the way that is chosen; asked for again when the listing is saved. */
export function useSnippet(path: () => { site: number; listing: number }, saved: Ref<string>) {
  const way = useQueryValue('way')
  const bare = useQueryValue('bare')
  return useQuery({
    queryKey: ['snippet', path, saved, way, bare],
    queryFn: () =>
      take(
        api.GET('/api/sites/{site}/listings/{listing}/snippet', {
          params: {
            path: path(),
            query: { way: (way.value || 'script') as Schemas['SnippetWay'], entries: bare.value === '' },
          },
        }),
      ),
    placeholderData: (before) => before,
    enabled: () => saved.value !== '',
  })
}
