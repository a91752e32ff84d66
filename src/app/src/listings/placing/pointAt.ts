/** Lets somebody point at an element of a page; gives its selector, or null when they press Escape. */
export function pointAt(page: Document): Promise<string | null> {
  return new Promise((done) => {
    let marked: HTMLElement | null = null
    const mark = (element: HTMLElement | null) => {
      marked?.style.removeProperty('box-shadow')
      marked = element
      marked?.style.setProperty('box-shadow', 'inset 0 0 0 3px #1F6F6B', 'important')
    }
    const over = (event: Event) => mark(targetOf(event, page))
    const end = (selector: string | null) => {
      mark(null)
      page.documentElement.style.removeProperty('cursor')
      page.removeEventListener('mouseover', over)
      page.removeEventListener('click', click, true)
      page.removeEventListener('keydown', key)
      window.removeEventListener('keydown', key)
      done(selector)
    }
    const click = (event: Event) => {
      event.preventDefault()
      event.stopPropagation()
      const element = targetOf(event, page)
      end(element ? selectorOf(element) : null)
    }
    const key = (event: KeyboardEvent) => {
      if (event.key === 'Escape') end(null)
    }
    page.documentElement.style.cursor = 'crosshair'
    page.addEventListener('mouseover', over)
    page.addEventListener('click', click, true)
    page.addEventListener('keydown', key)
    window.addEventListener('keydown', key)
  })
}

/** An element something can stand behind: not the page itself, and not what we put there. */
function targetOf(event: Event, page: Document): HTMLElement | null {
  const element = event.target as HTMLElement
  return element === page.body || element === page.documentElement || element.closest('[data-antiphon-listing]')
    ? null
    : element
}

/** The shortest selector that finds the element alone: by its id, or by its place in the nearest element that has one. */
export function selectorOf(element: Element): string {
  const steps: string[] = []
  for (let at: Element | null = element; at && at.localName !== 'html'; at = at.parentElement) {
    if (at.id && at.ownerDocument.querySelectorAll(`#${CSS.escape(at.id)}`).length === 1) {
      steps.unshift(`#${CSS.escape(at.id)}`)
      break
    }
    const same = [...(at.parentElement?.children ?? [])].filter((other) => other.localName === at!.localName)
    steps.unshift(same.length > 1 ? `${at.localName}:nth-of-type(${same.indexOf(at) + 1})` : at.localName)
    if (at.ownerDocument.querySelectorAll(steps.join(' > ')).length === 1) break
  }
  return steps.join(' > ')
}
