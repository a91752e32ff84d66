import { useIntervalFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { t } from '../texts'

const every = 12_000

/** Who else has the post open, and whether it was saved elsewhere since it was loaded here. */
export function usePresence(
  site: () => number,
  post: () => number | null,
  revision: () => number,
  active: () => boolean,
) {
  const seen = ref<Schemas['PresenceView'] | null>(null)
  const path = () => ({ params: { path: { site: site(), post: post()! } } })

  async function say(): Promise<void> {
    if (post() === null || !active()) return
    try {
      seen.value = await take(api.POST('/api/sites/{site}/posts/{post}/presence', path()))
    } catch {
      // Being alone or offline changes nothing about writing; saving tells what matters.
      seen.value = null
    }
  }

  const { pause } = useIntervalFn(() => void say(), every)
  watch([post, active], () => void say(), { immediate: true })
  onScopeDispose(() => {
    pause()
    if (post() !== null && seen.value) void api.DELETE('/api/sites/{site}/posts/{post}/presence', path())
  })
  const others = computed(() => seen.value?.others ?? [])
  const overtaken = computed(() =>
    seen.value !== null && seen.value.revision > revision() ? (seen.value.savedBy ?? t('somebody')) : null,
  )
  return { others, overtaken }
}
