import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../../api'

/** The look of the host page: what can be taken over, and against what contrast is told. */
export function usePageLook(site: () => number, address: () => string) {
  const query = useQuery({
    queryKey: ['pageLook', site, address],
    queryFn: () =>
      take(
        api.GET('/api/sites/{site}/looks/match', { params: { path: { site: site() }, query: { address: address() } } }),
      ),
    staleTime: 300_000,
    retry: false,
    enabled: () => address() !== '',
  })
  const value = (property: Schemas['FoundProperty']) =>
    query.data.value?.found.find((one) => one.property === property)?.value ?? null
  const colours = computed<Schemas['LookColours'] | null>(() =>
    query.data.value
      ? {
          background: value('background'),
          text: value('text'),
          heading: value('heading'),
          link: value('link'),
          byline: null,
          accent: value('link'),
          line: value('line'),
        }
      : null,
  )
  return { query, colours }
}
