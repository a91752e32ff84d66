import { useDebounceFn } from '@vueuse/core'
import { ref, watch, type Ref } from 'vue'
import type { Schemas } from '../../api'
import { wholeLook, type WholeLook } from './wholeLook'

/** A look that listings share, as it is being changed. It is stored when the hand rests, and only while it may be changed. */
export function useSharedLook(
  current: Ref<Schemas['LookView'] | undefined>,
  changing: Ref<boolean>,
  save: (look: Schemas['LookView'], value: WholeLook) => Promise<boolean>,
) {
  const shared = ref<WholeLook>(wholeLook())
  const stored = ref('')

  watch(
    current,
    (now) => {
      if (!now || (changing.value && stored.value !== JSON.stringify(shared.value))) return
      shared.value = wholeLook(JSON.parse(JSON.stringify(now.definition)) as WholeLook)
      stored.value = JSON.stringify(shared.value)
    },
    { immediate: true },
  )

  const store = useDebounceFn(async () => {
    const typed = JSON.stringify(shared.value)
    if (!current.value || !changing.value || typed === stored.value) return
    if (await save(current.value, shared.value)) stored.value = typed
  }, 400)
  watch(shared, () => void store(), { deep: true })

  return shared
}
