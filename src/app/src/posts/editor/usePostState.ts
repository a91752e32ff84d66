import { useTimeoutFn } from '@vueuse/core'
import { computed, reactive, ref } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api'
import { useAct } from '../../shared'
import { blank, type Draft } from './draft'

/** What is on the screen and what the server holds of it; shared by loading, saving and the autosave. */
export type PostState = ReturnType<typeof usePostState>

/** A post on the screen beside what is stored of it. */
export function usePostState(site: () => number) {
  const route = useRoute()
  const id = ref(route.params.post ? Number(route.params.post) : null)
  const stored = ref<Schemas['PostView'] | null>(null)
  const waiting = ref<Schemas['WaitingView'] | null>(null)
  const post = reactive(blank())
  const saved = ref('')
  const kept = ref('')
  const dirty = computed(() => JSON.stringify(post) !== saved.value)
  const readonly = computed(() => stored.value !== null && !stored.value.writtenHere)
  const isKept = computed(() => JSON.stringify(post) === kept.value)
  const autosave = useTimeoutFn((save: () => unknown) => void save(), 1500, { immediate: false })
  const path = () => ({ params: { path: { site: site(), post: id.value! } } })

  /** Takes what the server holds. The text in the editor is left alone where it was just sent: taking over its cleaned form would move the cursor. */
  function takeOver(view: Schemas['PostView'], withText = true): void {
    stored.value = view
    const names = (Object.keys(blank()) as (keyof Draft)[]).filter((name) => withText || name !== 'bodyHtml')
    for (const name of names)
      Object.assign(post, { [name]: JSON.parse(JSON.stringify(view[name as keyof Schemas['PostView']])) })
    saved.value = JSON.stringify(post)
  }

  return { id, stored, waiting, post, saved, kept, dirty, readonly, isKept, autosave, act: useAct(), path, takeOver }
}
