import { ask } from '../ask'
import { render } from '../shadow'

/** Shows every form of the page that no copy of the script has taken yet. */
export function showForms(within: ParentNode, base: string): void {
  for (const place of within.querySelectorAll<HTMLElement>('[data-antiphon-form]:not([data-antiphon-live])')) {
    place.setAttribute('data-antiphon-live', '')
    void showForm(place, base)
  }
}

async function showForm(place: HTMLElement, base: string): Promise<void> {
  const key = place.dataset.antiphonForm ?? ''
  const html = await ask(`${base}forms/${encodeURIComponent(key)}.html`)
  if (!html) return
  const root = render(place, html)
  const section = root.querySelector<HTMLElement>('section')
  if (!section) return
  const shape = section.dataset.shape ?? 'inline'
  if (shape !== 'inline') float(place, section, shape, `antiphon-closed-${key}`)
  const form = section.querySelector('form')
  form?.addEventListener('submit', (event) => {
    event.preventDefault()
    void send(form, section)
  })
}

/** Sends the form without leaving the page; when that fails, it goes the plain way. */
async function send(form: HTMLFormElement, section: HTMLElement): Promise<void> {
  try {
    const body = new URLSearchParams([...new FormData(form)].map(([name, value]) => [name, String(value)]))
    const answer = await fetch(`${form.action}&inline=true`, { method: 'POST', body, credentials: 'omit' })
    const words = await answer.text()
    if (answer.ok) form.hidden = true
    section.querySelector('.antiphon-said')?.remove()
    const said = document.createElement('p')
    said.className = 'antiphon-said'
    said.setAttribute('part', 'said')
    said.setAttribute('role', 'status')
    said.tabIndex = -1
    said.textContent = words
    form.before(said)
    said.focus()
  } catch {
    form.submit()
  }
}

/** Makes a bar or a panel of the form, which comes once the reader has read, goes when it is closed, and stays away then. */
function float(place: HTMLElement, section: HTMLElement, shape: string, closedKey: string): void {
  const isBar = shape === 'bar'
  const style = place.style
  style.cssText += `;position:fixed;z-index:2147483000;right:0;bottom:0;${isBar ? 'left:0' : 'max-width:24rem;margin:1rem'};padding:1rem 1.25rem;max-height:85vh;overflow:auto;background:Canvas;color:CanvasText;border:1px solid;border-width:${isBar ? '1px 0 0' : '1px'}`
  const close = document.createElement('button')
  close.type = 'button'
  close.className = 'antiphon-close'
  close.setAttribute('part', 'close')
  close.textContent = section.dataset.close ?? '✕'
  close.style.cssText = 'float:right;margin:0 0 .5em 1em'
  section.prepend(close)
  section.setAttribute('role', 'region')
  section.setAttribute('aria-label', section.querySelector('.antiphon-heading')?.textContent ?? '')
  const leave = () => {
    place.hidden = true
    remember(closedKey)
    removeEventListener('scroll', look)
  }
  close.addEventListener('click', leave)
  section.addEventListener('keydown', (event) => {
    if (event.key === 'Escape') leave()
  })
  place.hidden = true
  if (isRemembered(closedKey)) return
  const look = () => {
    const height = document.documentElement.scrollHeight - innerHeight
    // A page without anything to scroll is read at once.
    if (height < 50 || scrollY / height > (isBar ? 0.15 : 0.7)) {
      place.hidden = false
      removeEventListener('scroll', look)
    }
  }
  addEventListener('scroll', look, { passive: true })
  look()
}

function isRemembered(key: string): boolean {
  try {
    return localStorage.getItem(key) !== null
  } catch {
    return false
  }
}

/** A browser that keeps nothing shows it again on the next page. */
function remember(key: string): void {
  try {
    localStorage.setItem(key, '')
  } catch {
    // Nothing is lost.
  }
}
