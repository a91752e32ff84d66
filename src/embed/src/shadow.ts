import { takeHostLook } from './hostLook'
import { offerSharing } from './sharing'

/** Puts a fragment into the container's shadow root. Its style sheet is adopted, which a strict Content-Security-Policy allows where a style element is not. */
export function render(place: HTMLElement, html: string): ShadowRoot {
  const isFirst = !place.shadowRoot
  if (isFirst) {
    // Room that was kept free stays kept, so that nothing below moves up either.
    if (place.querySelector('svg[height]:only-child')) place.style.minHeight = `${place.offsetHeight}px`
    takeHostLook(place)
  }
  const { content, css } = parse(html)
  // A sheet belongs to one document, and the preview shows listings in a document of its own.
  const sheet = new (place.ownerDocument.defaultView ?? window).CSSStyleSheet()
  sheet.replaceSync(css + ':host{display:block!important}')
  const root = place.shadowRoot ?? place.attachShadow({ mode: 'open' })
  if (isFirst) root.addEventListener('error', replaceLost, true)
  root.adoptedStyleSheets = [sheet]
  const kept = root.querySelectorAll('dialog')
  root.replaceChildren(...content.childNodes, ...kept)
  offerSharing(root)
  return root
}

/** A picture that cannot be had leaves its quiet box, with its words for those who listen; nothing moves. */
function replaceLost(event: Event): void {
  const picture = event.target as HTMLElement
  if (!picture.matches('img.antiphon-picture')) return
  const box = picture.ownerDocument.createElement('div')
  box.className = picture.className
  box.setAttribute('part', 'picture')
  box.setAttribute('role', 'img')
  box.setAttribute('aria-label', picture.getAttribute('alt') ?? '')
  picture.replaceWith(box)
}

/** A fragment as elements and as its style sheet; what it tells search engines stays with what is baked into the page. */
export function parse(html: string): { content: HTMLElement; css: string } {
  const content = new DOMParser().parseFromString(html, 'text/html').body
  const styles = [...content.ownerDocument.querySelectorAll('style')]
  content.ownerDocument.querySelectorAll('style,script').forEach((one) => one.remove())
  return { content, css: styles.map((style) => style.textContent).join('\n') }
}
