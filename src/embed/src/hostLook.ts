/** What the host page gives its own headings and links at this place, read from two bare elements put there for a moment. */
export function takeHostLook(place: HTMLElement): void {
  const probe = addProbe(place)
  const heading = getComputedStyle(probe.querySelector('h2')!)
  set(
    place,
    'heading-font',
    `${heading.fontStyle} ${heading.fontWeight} ${heading.fontSize}/${heading.lineHeight} ${heading.fontFamily}`,
  )
  set(place, 'heading-color', heading.color)
  set(place, 'heading-margin', `${heading.marginTop} 0 ${heading.marginBottom}`)
  set(place, 'heading-spacing', heading.letterSpacing)
  const link = getComputedStyle(probe.querySelector('a')!)
  set(place, 'link-color', link.color)
  set(place, 'link-decoration', link.textDecorationLine)
  set(place, 'page-color', groundOf(place))
  probe.remove()
}

/** The colour a place stands on: that of the nearest element with one. */
function groundOf(place: Element): string {
  for (let at: Element | null = place; at; at = at.parentElement) {
    const { backgroundColor } = getComputedStyle(at)
    if (!/^(transparent|rgba\(.*, 0\))$/.test(backgroundColor)) return backgroundColor
  }
  return 'Canvas'
}

/** The owner's own value wins over what was found. */
function set(place: HTMLElement, name: string, value: string): void {
  const property = `--antiphon-${name}`
  if (!getComputedStyle(place).getPropertyValue(property)) place.style.setProperty(property, value)
}

function addProbe(place: HTMLElement): HTMLElement {
  const page = place.ownerDocument
  const probe = page.createElement('div')
  probe.style.cssText = 'position:absolute;visibility:hidden'
  const heading = page.createElement('h2')
  const link = page.createElement('a')
  link.href = '#'
  probe.append(heading, link)
  place.append(probe)
  return probe
}
