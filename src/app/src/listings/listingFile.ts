import { api, type Schemas, take } from '../api'
import { t } from './texts'

/** Hands a listing to the browser as a file. */
export async function saveAsFile(site: number, listing: number, name: string): Promise<void> {
  const file = await take(api.GET('/api/sites/{site}/listings/{listing}/file', { params: { path: { site, listing } } }))
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }))
  link.download = `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.listing.json`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Brings a listing in from a file; text that is no JSON is refused here, everything else by the server. */
export async function bringIn(site: number, file: File): Promise<Schemas['ImportedListing']> {
  let body: Schemas['ListingFile']
  try {
    body = JSON.parse(await file.text()) as Schemas['ListingFile']
  } catch {
    throw new Error(t('nameNotListingFile', { name: file.name }))
  }
  return take(api.POST('/api/sites/{site}/listings/file', { params: { path: { site } }, body }))
}
