import { render } from '../../../embed/src/shadow'

/** Shows a fragment in a host page as the embed script will; makes a container where the page has none yet. */
export function placeFragment(page: Document, key: string, html: string): void {
  const spot = page.querySelector<HTMLElement>(`[data-antiphon-listing="${CSS.escape(key)}"]`) ?? addSpot(page, key)
  const isFirst = !spot.shadowRoot
  render(spot, html)
    .querySelectorAll('a')
    .forEach((link) => link.setAttribute('tabindex', '-1'))
  Object.assign(spot.style, { outline: '2px dashed #1F6F6B', outlineOffset: '9px' })
  if (isFirst) bringIntoView(page, spot)
}

function addSpot(page: Document, key: string): HTMLElement {
  const spot = page.createElement('div')
  spot.dataset.antiphonListing = key
  likelyPlace(page).append(spot)
  return spot
}

/** A side column, or the end of the main text. */
function likelyPlace(page: Document): Element {
  return page.querySelector('aside, #side, .sidebar, #sidebar') ?? page.querySelector('main, article, #main, #content') ?? page.body
}

/** Scrolls inside the frame only; scrollIntoView would move the workplace around it as well. */
function bringIntoView(page: Document, spot: HTMLElement): void {
  const view = page.defaultView
  const { top, bottom } = spot.getBoundingClientRect()
  if (view && bottom > view.innerHeight) view.scrollTo(0, top + view.scrollY - 60)
}
