import { ref, type Ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { useQueryValue } from '../shared'
import type { BuiltListing } from './useListing'

/** The preview of a listing that is being built, with real posts or with a sample that is hard on the layout. */
export function useListingPreview(
  site: () => number,
  listing: Ref<BuiltListing | null>,
  pageColours: () => Schemas['LookColours'] | null,
) {
  const preview = ref<Schemas['ListingPreview'] | null>(null)
  const sample = useQueryValue('sample')

  async function show(): Promise<void> {
    if (!listing.value || listing.value.definition.blogs.length === 0) return
    const { definition, pageAddress, lookId } = listing.value
    const body = {
      definition,
      pageAddress,
      lookId,
      sample: (sample.value || null) as Schemas['PreviewSample'],
      pageColours: pageColours(),
    }
    preview.value = await take(
      api.POST('/api/sites/{site}/listings/preview', { params: { path: { site: site() } }, body }),
    )
  }

  return { preview, sample, show }
}
