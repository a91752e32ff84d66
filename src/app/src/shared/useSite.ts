import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, type Schemas, take } from '../api'

/** All sites the person has a role on. */
export function useSites() {
  return useQuery({ queryKey: ['sites'], queryFn: () => take(api.GET('/api/sites')), refetchInterval: 30_000 })
}

/** The site named in the address. */
export function useSite() {
  const route = useRoute()
  const id = computed(() => Number(route.params.site))
  const { data } = useSites()
  const site = computed(() => data.value?.find((row) => row.id === id.value))
  const may = (right: Schemas['SiteRight']) => site.value?.rights?.includes(right) ?? false
  const mayEdit = computed(() => may('edit'))
  const mayWrite = computed(() => may('write'))
  const mayModerate = computed(() => may('moderate'))
  const maySeeReaders = computed(() => may('seeReaders'))
  const isOwner = computed(() => may('own'))
  return { id, site, mayEdit, mayWrite, mayModerate, maySeeReaders, isOwner }
}
