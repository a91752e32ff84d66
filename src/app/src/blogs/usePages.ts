import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { watchDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { wholeLook } from '../listings'
import { useAct } from '../shared'
import { t } from './texts'

/** A look of pages with every part there. */
export type WholePageLook = Required<Schemas['PageLook']>

function whole(look: Schemas['PageLook']): WholePageLook {
  const { colours, darkColours, headingType, excerptType } = wholeLook()
  return {
    measure: 42,
    titleCentred: false,
    byline: ['date', 'author', 'category'],
    bylinePlace: 'belowTitle',
    tags: 'atEnd',
    authorBox: false,
    contents: false,
    spacing: 'usual',
    theme: 'reader',
    ...look,
    colours: { ...colours, ...look.colours },
    darkColours: { ...darkColours, ...look.darkColours },
    headingType: { ...headingType, ...look.headingType },
    textType: { ...excerptType, ...look.textType },
  }
}

/** The pages of one blog: as they are, as they would be, and the way from one to the other. */
export function usePages(site: () => number, blog: () => number) {
  const path = () => ({ site: site(), blog: blog() })
  const queries = useQueryClient()
  const act = useAct()
  const draft = ref<{ hostName: string | null; searchDescription: string | null; look: WholePageLook } | null>(null)
  const preview = ref<Schemas['PagesPreview'] | null>(null)
  const saved = ref('')
  const stored = useQuery({
    queryKey: ['pages', site, blog],
    queryFn: () => take(api.GET('/api/sites/{site}/blogs/{blog}/pages', { params: { path: path() } })),
    enabled: () => blog() > 0,
  })
  watch(
    stored.data,
    (view) => {
      if (!view || (draft.value && isChanged.value)) return
      draft.value = { hostName: view.hostName, searchDescription: view.searchDescription, look: whole(view.look) }
      saved.value = JSON.stringify(draft.value)
    },
    { immediate: true },
  )
  watch(blog, () => ((draft.value = null), (preview.value = null)))
  const isChanged = computed(() => draft.value !== null && JSON.stringify(draft.value) !== saved.value)

  async function show(): Promise<void> {
    if (draft.value)
      preview.value =
        (await act.run(() =>
          take(
            api.POST('/api/sites/{site}/blogs/{blog}/pages/preview', { params: { path: path() }, body: draft.value! }),
          ),
        )) ?? preview.value
  }
  watchDebounced(draft, show, { deep: true, debounce: 200, immediate: true })

  async function save(): Promise<boolean> {
    const sent = JSON.stringify(draft.value)
    const view = await act.run(() =>
      take(api.PUT('/api/sites/{site}/blogs/{blog}/pages', { params: { path: path() }, body: draft.value! })),
    )
    if (!view) return false
    saved.value = sent
    queries.setQueryData(['pages', site(), blog()], view)
    await queries.invalidateQueries({ queryKey: ['posts'] })
    return true
  }

  onBeforeRouteLeave(() => !isChanged.value || window.confirm(t('leaveUnsaved')))
  return { draft, stored, preview, isChanged, act, save }
}
