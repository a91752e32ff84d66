import { ask } from './ask'
import { setMoving } from './moving'
import { render } from './shadow'

/** Replaces the baked entries of a listing by the current ones, and follows its pages in place. */
export async function showListing(place: HTMLElement, base: string): Promise<void> {
  const address = `${base}listings/${encodeURIComponent(place.dataset.antiphonListing ?? '')}.html`
  let html = await ask(address)
  // Only a listing that leaves out the page's own post has to say where it stands; all others share one cached answer.
  const at = html?.includes(' data-current') ? `at=${encodeURIComponent(ownAddress())}` : ''
  if (at) html = await ask(`${address}?${at}`)
  if (!html) return
  const root = render(place, html)
  setMoving(root)
  root.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-page]')
    if (!link || (event as MouseEvent).ctrlKey || (event as MouseEvent).metaKey) return
    event.preventDefault()
    void turn(place, root, `${address}?page=${link.dataset.page}&${at}`, link)
  })
}

function ownAddress(): string {
  return document.querySelector<HTMLLinkElement>('link[rel=canonical]')?.href ?? location.href
}

/** Shows another page; when it cannot be had, the link leads there as it does without script. */
async function turn(place: HTMLElement, root: ShadowRoot, address: string, link: HTMLAnchorElement): Promise<void> {
  const html = await ask(address)
  if (!html) return location.assign(link.href)
  const before = [...root.querySelectorAll('.antiphon-entry')]
  const adds = root.querySelector('[data-more]') !== null
  render(place, html)
  const list = root.querySelector('.antiphon-entries')
  const first = list?.firstElementChild
  if (adds) list?.prepend(...before)
  else if (place.getBoundingClientRect().top < 0) place.scrollIntoView()
  first?.querySelector('a')?.focus({ preventScroll: true })
}
