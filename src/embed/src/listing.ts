import { ownAddress, withView } from './address'
import { ask } from './ask'
import { setMoving } from './moving'
import { followPages } from './paging'
import { followPanel } from './panel'
import { render } from './shadow'
import { followViews, viewChanged } from './views'

/** Replaces the baked entries of a listing by the current ones, and follows its pages, views and posts in place. */
export async function showListing(place: HTMLElement, base: string): Promise<void> {
  const address = `${base}listings/${encodeURIComponent(place.dataset.antiphonListing ?? '')}.html`
  const home = ownAddress()
  // Only a listing that heeds the page it stands on has to say where that is; all others share one cached answer.
  const at = () => `at=${encodeURIComponent(withView(home, location.href))}`
  const isBaked = place.querySelector('[data-current]') !== null
  let html = await ask(isBaked ? `${address}?${at()}` : address)
  const heeds = html?.includes(' data-current') ?? false
  if (heeds && !isBaked) html = await ask(`${address}?${at()}`)
  if (!html) return
  const root = render(place, html)
  setMoving(root)
  const section = root.querySelector('section')
  if (section?.hasAttribute('data-views')) return followViews(place, root, address, base, home)
  if (heeds) {
    document.addEventListener(viewChanged, () => {
      void ask(`${address}?${at()}`).then((now) => now && setMoving(render(place, now)))
    })
  }
  if (section?.hasAttribute('data-panel')) followPanel(root, address, base)
  await followPages(place, root, (page) => `${address}?page=${page}${heeds ? `&${at()}` : ''}`)
}
