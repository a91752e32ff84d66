import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { api, take } from '../api/client'

/** All sites the person has a role on. */
export function useSites() {
  return useQuery({ queryKey: ['sites'], queryFn: () => take(api.GET('/api/sites')), refetchInterval: 30_000 })
}

/** The site named in the address. */
export function useSite() {
  const route = useRoute()
  const id = computed(() => Number(route.params.site))
  const { data } = useSites()
  const site = computed(() => data.value?.find((one) => one.id === id.value))
  const mayEdit = computed(() => site.value?.role === 'owner' || site.value?.role === 'editor')
  const mayWrite = computed(() => mayEdit.value || site.value?.role === 'contributor')
  const isOwner = computed(() => site.value?.role === 'owner')
  return { id, site, mayEdit, mayWrite, isOwner }
}
