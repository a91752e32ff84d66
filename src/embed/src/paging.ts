import { askedPage, isPlain, pageAddress } from './address'
import { ask } from './ask'
import { setMoving } from './moving'
import { render } from './shadow'

const mostAdded = 20
const adds = (root: ShadowRoot) => root.querySelector('[data-more]') !== null

/** Lets a listing turn its pages in place; each has an address of the page it stands on, and the way back turns back. */
export async function followPages(
  place: HTMLElement,
  root: ShadowRoot,
  addressOf: (page: number) => string,
): Promise<void> {
  const key = place.dataset.antiphonListing ?? ''
  // The preview of the workplace shows a page in a frame; the address bar is not that page's.
  const isAddressed = place.ownerDocument === document
  let shown = 1
  const turnTo = async (page: number, link?: HTMLAnchorElement, isFirst = false): Promise<void> => {
    const html = await ask(addressOf(page))
    if (!html) return link && location.assign(link.href)
    const first = turn(place, root, html, page)
    shown = page
    if (isFirst) return
    if (!adds(root) && place.getBoundingClientRect().top < 0) place.scrollIntoView()
    first?.querySelector('a')?.focus({ preventScroll: true })
  }
  root.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-page]')
    if (!link || !isPlain(event as MouseEvent)) return
    event.preventDefault()
    const page = Number(link.dataset.page)
    if (!isAddressed) return void turnTo(page, link)
    // What was added below stays on the way back from a post; a page that was turned is turned back.
    if (adds(root)) history.replaceState(history.state, '', pageAddress(key, page))
    else history.pushState(null, '', pageAddress(key, page))
    void turnTo(page, link)
  })
  addEventListener('popstate', () => {
    const page = askedPage(key)
    if (page !== shown && !adds(root)) void turnTo(page)
  })
  const asked = isAddressed ? askedPage(key) : 1
  if (!adds(root)) return asked > 1 ? turnTo(asked, undefined, true) : undefined
  for (let page = 2; page <= Math.min(asked, mostAdded); page++) await turnTo(page, undefined, true)
}

/** Shows another page in place of what is there, or below it; gives its first entry. */
function turn(place: HTMLElement, root: ShadowRoot, html: string, page: number): Element | null {
  const before = [...root.querySelectorAll('.antiphon-entry')]
  const isAdded = page > 1 && adds(root)
  render(place, html)
  const list = root.querySelector('.antiphon-entries')
  const first = list?.firstElementChild ?? null
  if (isAdded) list?.prepend(...before)
  setMoving(root)
  return first
}
