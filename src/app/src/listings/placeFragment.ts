/** Puts a fragment into the listing's container in a host page shown for preview; makes a container where there is none yet. */
export function placeFragment(page: Document, key: string, html: string): void {
  let spot = page.querySelector<HTMLElement>(`[data-antiphon-listing="${CSS.escape(key)}"]`)
  if (!spot) {
    spot = page.createElement('div')
    spot.dataset.antiphonListing = key
    likelyPlace(page).append(spot)
  }
  spot.innerHTML = html
  spot.querySelectorAll('a').forEach((link) => link.setAttribute('tabindex', '-1'))
  if (!spot.hasAttribute('data-shown')) spot.scrollIntoView({ block: 'center' })
  spot.setAttribute('data-shown', '')
  Object.assign(spot.style, { outline: '2px dashed #1F6F6B', outlineOffset: '9px' })
}

/** A side column, or the end of the main text. */
function likelyPlace(page: Document): Element {
  return page.querySelector('aside, #side, .sidebar, #sidebar') ?? page.querySelector('main, article, #main, #content') ?? page.body
}
