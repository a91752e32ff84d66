import { ask } from './ask'
import { render } from './shadow'
import { hearVoices } from './voices'
import { helpWriting } from './writing'

interface Problems {
  title?: string
  errors?: Record<string, string[]>
}

/** Shows every thread in a part of the page that no copy of the script has taken yet. */
export function showThreads(within: ParentNode, base: string): void {
  for (const place of within.querySelectorAll<HTMLElement>('[data-antiphon-thread]:not([data-antiphon-live])')) {
    place.setAttribute('data-antiphon-live', '')
    void showThread(place, base)
  }
}

/** Shows a thread and sends its forms without leaving the page. */
async function showThread(place: HTMLElement, base: string, order?: string): Promise<void> {
  const site = place.dataset.antiphonSite ?? ''
  const query = new URLSearchParams({
    id: place.dataset.antiphonThread ?? '',
    url: place.dataset.antiphonUrl ?? location.href,
    title: place.dataset.antiphonTitle ?? document.title,
    ...(order && { order }),
  })
  const html = await ask(`${base}threads/${encodeURIComponent(site)}.html?${query.toString()}`)
  if (!html) return
  const root = render(place, html)
  const form = root.querySelector<HTMLFormElement>('.antiphon-form')
  if (form) {
    prepare(form, root)
    helpWriting(form, query.get('id') || query.get('url')!)
  }
  hearVoices(root)
  root.querySelectorAll<HTMLElement>('[data-order]').forEach((link) =>
    link.addEventListener('click', (event) => {
      event.preventDefault()
      void showThread(place, base, link.dataset.order).then(() => place.shadowRoot?.querySelector<HTMLElement>('[data-order][aria-current]')?.focus())
    }),
  )
  if (!order) markLinked(root)
}

/** A permanent link to a comment cannot reach into the shadow root by itself. */
function markLinked(root: ShadowRoot): void {
  if (!location.hash.startsWith('#comment-')) return
  const linked = root.getElementById(location.hash.slice(1))
  linked?.classList.add('antiphon-linked')
  linked?.scrollIntoView()
}

function prepare(form: HTMLFormElement, root: ShadowRoot): void {
  const shown = Date.now()
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    void send(form, Math.floor((Date.now() - shown) / 1000))
  })
  const answers = form.querySelector<HTMLInputElement>('[name=answers]')!
  const answered = form.querySelector<HTMLElement>('.antiphon-answered')!
  const answer = (key: string, name: string) => {
    answers.value = key
    answered.hidden = !key
    answered.querySelector('b')!.textContent = name
  }
  root.querySelectorAll<HTMLElement>('[data-answers]').forEach((link) =>
    link.addEventListener('click', (event) => {
      event.preventDefault()
      answer(link.dataset.answers!, link.closest('li')?.querySelector('strong')?.textContent ?? '')
      form.scrollIntoView({ block: 'center' })
      form.querySelector('textarea')?.focus()
    }),
  )
  form.querySelector('[data-leave]')?.addEventListener('click', (event) => {
    event.preventDefault()
    answer('', '')
  })
}

async function send(form: HTMLFormElement, seconds: number): Promise<void> {
  const button = form.querySelector('.antiphon-send')
  const body = new URLSearchParams()
  new FormData(form).forEach((value, name) => body.append(name, String(value)))
  // The same key goes with every repeat of the same text, so that an answer lost on the way does not make two comments.
  form.dataset.key ??= crypto.getRandomValues(new Uint32Array(4)).join('')
  body.set('key', form.dataset.key)
  body.set('seconds', String(seconds))
  button?.setAttribute('disabled', '')
  try {
    const answer = await fetch(form.action, { method: 'POST', body, headers: { Accept: 'application/json' }, credentials: 'omit' })
    const said = (await answer.json()) as Problems & { message?: string }
    if (answer.ok) thank(form, said.message ?? '')
    else tell(form, said)
  } catch {
    tell(form, { title: navigator.onLine ? 'The server cannot be reached. Your text is kept; try again.' : 'You are offline. Your text is kept; try again.' })
  } finally {
    button?.removeAttribute('disabled')
  }
}

function thank(form: HTMLFormElement, message: string): void {
  const thanks = document.createElement('p')
  thanks.className = 'antiphon-thanks'
  thanks.setAttribute('part', 'thanks')
  thanks.setAttribute('role', 'status')
  thanks.tabIndex = -1
  thanks.textContent = message
  form.dispatchEvent(new Event('sent'))
  form.replaceWith(thanks)
  thanks.focus()
}

function tell(form: HTMLFormElement, problems: Problems): void {
  form.querySelectorAll('.antiphon-problem').forEach((old) => old.remove())
  form.querySelectorAll('[aria-invalid]').forEach((old) => old.removeAttribute('aria-invalid'))
  const fields = Object.entries(problems.errors ?? {})
  let first: HTMLElement | null = null
  for (const [name, messages] of fields) {
    const field = form.querySelector<HTMLElement>(`[name="${name}"]`)
    field?.setAttribute('aria-invalid', 'true')
    first ??= field
    ;(field?.closest('p') ?? form).append(note(messages.join(' ')))
  }
  if (fields.length === 0) form.append(note(problems.title ?? ''))
  first?.focus()
}

function note(text: string): HTMLElement {
  const element = document.createElement('span')
  element.className = 'antiphon-problem'
  element.setAttribute('role', 'alert')
  element.textContent = text
  return element
}
