import { ask } from './ask'
import { render } from './shadow'

/** Replaces the baked entries of a listing by the current ones. */
export async function showListing(place: HTMLElement, base: string): Promise<void> {
  const key = place.dataset.antiphonListing ?? ''
  const html = await ask(`${base}listings/${encodeURIComponent(key)}.html`)
  if (html) render(place, html)
}
