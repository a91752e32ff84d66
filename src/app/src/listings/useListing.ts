import { useQuery } from '@tanstack/vue-query'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, toRaw, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { useAct, useRefresh } from '../shared'
import { useListingPreview } from './useListingPreview'
import { useSnippet } from './useSnippet'
import { wholeDefinition, type WholeDefinition } from './wholeDefinition'

/** What the builder changes. */
export interface BuiltListing {
  name: string
  definition: WholeDefinition
  pageAddress: string | null
  spot: string | null
  lookId: number | null
}

/** What the preview is tried with. */
export type Sample = NonNullable<Schemas['PreviewSample']> | ''

/** A listing being built. Every change is saved and shows on the pages that carry it at once. */
export function useListing(site: () => number, pageColours: () => Schemas['LookColours'] | null) {
  const route = useRoute()
  const id = Number(route.params.listing)
  const path = () => ({ site: site(), listing: id })
  const refresh = useRefresh('listings', 'coverage', 'listing')
  const listing = ref<BuiltListing | null>(null)
  const saved = ref('')
  const act = useAct()
  const { preview, sample, show } = useListingPreview(site, listing, pageColours)
  const stored = useQuery({
    queryKey: ['listing', site, id],
    queryFn: () => take(api.GET('/api/sites/{site}/listings/{listing}', { params: { path: path() } })),
  })
  const snippet = useSnippet(path, saved)

  watch(
    stored.data,
    (view) => {
      if (!view || listing.value) return
      listing.value = {
        name: view.name,
        definition: wholeDefinition(structuredClone(toRaw(view.definition))),
        pageAddress: view.pageAddress,
        spot: view.spot,
        lookId: view.lookId,
      }
      saved.value = JSON.stringify(listing.value)
    },
    { immediate: true },
  )

  async function save(): Promise<void> {
    const typed = JSON.stringify(listing.value)
    if (!listing.value || typed === saved.value) return
    const done = await act.run(() =>
      take(api.PUT('/api/sites/{site}/listings/{listing}', { params: { path: path() }, body: listing.value! })),
    )
    if (!done) return
    saved.value = typed
    void refresh()
  }

  const changed = useDebounceFn(async () => {
    // The preview also answers to what cannot be saved yet, so it comes first and fails by itself.
    await show().catch(() => undefined)
    await save()
  }, 250)
  watch(listing, () => void changed(), { deep: true })
  watch([sample, pageColours], () => void show().catch(() => undefined))
  const isSaved = computed(() => JSON.stringify(listing.value) === saved.value)
  return { id, listing, stored, preview, snippet, act, isSaved, show }
}
