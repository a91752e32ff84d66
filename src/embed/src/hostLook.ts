/** What the host page gives its own headings and links, taken from the baked elements while they still stand in the page. */
export function takeHostLook(place: HTMLElement): void {
  const probe = place.querySelector('h2') ? null : addProbe(place)
  const heading = place.querySelector('h2')
  const link = place.querySelector('a')
  if (heading) {
    const style = getComputedStyle(heading)
    set(place, 'heading-font', `${style.fontStyle} ${style.fontWeight} ${style.fontSize}/${style.lineHeight} ${style.fontFamily}`)
    set(place, 'heading-color', style.color)
    set(place, 'heading-margin', `${style.marginTop} 0 ${style.marginBottom}`)
    set(place, 'heading-spacing', style.letterSpacing)
  }
  if (link) {
    const style = getComputedStyle(link)
    set(place, 'link-color', style.color)
    set(place, 'link-decoration', style.textDecorationLine)
  }
  probe?.remove()
}

/** The owner's own value wins over what was found. */
function set(place: HTMLElement, name: string, value: string): void {
  const property = `--antiphon-${name}`
  if (!getComputedStyle(place).getPropertyValue(property)) place.style.setProperty(property, value)
}

function addProbe(place: HTMLElement): HTMLElement {
  const probe = document.createElement('div')
  probe.style.cssText = 'position:absolute;visibility:hidden'
  const heading = document.createElement('h2')
  const link = document.createElement('a')
  link.href = '#'
  probe.append(heading, link)
  place.append(probe)
  return probe
}
