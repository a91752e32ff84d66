import { takeHostLook } from './hostLook'

/** Puts a fragment into the container's shadow root. Its style sheet is adopted, which a strict Content-Security-Policy allows where a style element is not. */
export function render(place: HTMLElement, html: string): ShadowRoot {
  const isFirst = !place.shadowRoot
  if (isFirst) takeHostLook(place)
  const content = new DOMParser().parseFromString(html, 'text/html')
  // A sheet belongs to one document, and the preview shows listings in a document of its own.
  const sheet = new (place.ownerDocument.defaultView ?? window).CSSStyleSheet()
  const styles = [...content.querySelectorAll('style')]
  sheet.replaceSync(styles.map((style) => style.textContent).join('\n') + ':host{display:block!important}')
  styles.forEach((style) => style.remove())
  const root = place.shadowRoot ?? place.attachShadow({ mode: 'open' })
  root.adoptedStyleSheets = [sheet]
  root.replaceChildren(...content.body.childNodes)
  return root
}
