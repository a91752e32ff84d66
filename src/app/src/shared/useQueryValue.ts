import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'

/** A value kept in the address bar, so that links survive; an empty value leaves the address. */
export function useQueryValue(name: string) {
  const route = useRoute()
  const router = useRouter()
  return computed({
    get: () => String(route.query[name] ?? ''),
    set: (value: string) => void router.replace({ query: { ...route.query, [name]: value || undefined } }),
  })
}
