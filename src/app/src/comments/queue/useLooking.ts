import { ref, watch, type ComputedRef } from 'vue'
import { useIntervalFn } from '@vueuse/core'
import { api, type Schemas, take } from '../../api'

const betweenLooks = 10_000

/** Says which comment this person looks at, and knows who else does. */
export function useLooking(current: ComputedRef<Schemas['QueuedComment'] | null>) {
  const others = ref<string[]>([])

  async function look(): Promise<void> {
    const comment = current.value
    if (!comment || document.hidden) return
    const path = { site: comment.siteId, comment: comment.id }
    // Whoever may only read says nothing, and that somebody looks is no reason to disturb when it cannot be said.
    const found = await take(api.PUT('/api/sites/{site}/comments/{comment}/look', { params: { path } })).catch(() => [])
    if (current.value?.id === comment.id) others.value = [...found]
  }

  watch(
    () => current.value?.id,
    () => {
      others.value = []
      void look()
    },
    { immediate: true },
  )
  useIntervalFn(() => void look(), betweenLooks)
  return others
}
