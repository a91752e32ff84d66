import { setMoving } from '../../../../embed/src/moving'
import { render } from '../../../../embed/src/shadow'

/** Where and how a fragment is shown in a host page. */
export interface Placing {
  key: string
  /** Selector of the element it stands behind; null for a likely place. */
  spot: string | null
  isRightToLeft: boolean
}

/** Shows a fragment in a host page as the embed script will; makes a container where the page has none yet. */
export function placeFragment(page: Document, html: string, placing: Placing): void {
  const place = containerIn(page, placing)
  const isFirst = !place.shadowRoot
  const root = render(place, html)
  root.querySelectorAll('a').forEach((link) => link.setAttribute('tabindex', '-1'))
  // A preview that moves by itself cannot be judged; the arrows are there all the same.
  root.querySelector('[data-seconds]')?.removeAttribute('data-seconds')
  setMoving(root)
  page.documentElement.dir = placing.isRightToLeft ? 'rtl' : ''
  Object.assign(place.style, { outline: '2px dashed #1F6F6B', outlineOffset: '9px' })
  if (isFirst) bringIntoView(page, place)
}

/** The listing's own container in the page; a place asked for wins, so that it can be tried before anything is pasted. */
function containerIn(page: Document, { key, spot }: Placing): HTMLElement {
  const known = page.querySelector<HTMLElement>(`[data-antiphon-listing="${CSS.escape(key)}"]`)
  const behind = spot ? find(page, spot) : null
  if (known && !behind) return known
  const place = known ?? page.createElement('div')
  place.dataset.antiphonListing = key
  if (behind && place.previousElementSibling !== behind) behind.after(place)
  else if (!place.isConnected) likelyPlace(page).append(place)
  return place
}

function find(page: Document, selector: string): Element | null {
  try {
    return page.querySelector(selector)
  } catch {
    // Half a selector is being typed.
    return null
  }
}

/** A side column, or the end of the main text. */
function likelyPlace(page: Document): Element {
  return (
    page.querySelector('aside, #side, .sidebar, #sidebar') ??
    page.querySelector('main, article, #main, #content') ??
    page.body
  )
}

/** Scrolls inside the frame only; scrollIntoView would move the workplace around it as well. */
function bringIntoView(page: Document, place: HTMLElement): void {
  const view = page.defaultView
  const { top, bottom } = place.getBoundingClientRect()
  if (view && bottom > view.innerHeight) view.scrollTo(0, top + view.scrollY - 60)
}
