import { isPlain, searchAddress, withView } from './address'
import { ask } from './ask'
import { render } from './shadow'
import { loadThreads } from './loadPart'

/** Tells the other listings of the page that another post is open. */
export const viewChanged = 'antiphon-view'

/** Lets a whole blog, or a search, live in the page: its views are addresses of the page, and going back and forward moves between them. */
export function followViews(place: HTMLElement, root: ShadowRoot, address: string, base: string, home: string): void {
  const title = document.title
  const canonical = document.querySelector<HTMLLinkElement>('link[rel=canonical]')
  const settle = (isFirst = false) => {
    // Listings of related posts in the same page follow the post that is open.
    if (!isFirst) document.dispatchEvent(new Event(viewChanged))
    tellPage(root, title, canonical, home)
    void loadThreads(root, base)
  }
  const show = async () => {
    const html = await ask(`${address}?at=${encodeURIComponent(withView(home, location.href))}`)
    if (!html) return
    render(place, html)
    settle()
    root.querySelector<HTMLElement>('.antiphon-view')?.focus({ preventScroll: true })
    if (place.getBoundingClientRect().top < 0) place.scrollIntoView()
  }
  const go = (to: string) => {
    history.pushState(null, '', to)
    void show()
  }
  root.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-view],a[data-page]')
    if (!link || !isPlain(event as MouseEvent)) return
    event.preventDefault()
    go(withView(location.href, link.href))
  })
  root.addEventListener('submit', (event) => {
    const form = event.target as HTMLFormElement
    if (form.getAttribute('role') !== 'search') return
    event.preventDefault()
    go(searchAddress(String(new FormData(form).get('q') ?? '').trim()))
  })
  addEventListener('popstate', () => void show())
  settle(true)
}

/** While a post is open, the page has its title and its canonical address, so that what is shared and indexed is the post. */
function tellPage(root: ShadowRoot, title: string, canonical: HTMLLinkElement | null, home: string): void {
  const post = root.querySelector<HTMLElement>('.antiphon-post')
  document.title = post ? `${post.dataset.title} – ${title}` : title
  if (canonical) canonical.href = post?.dataset.canonical ?? home
}
