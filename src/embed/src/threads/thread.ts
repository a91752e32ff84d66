import { ask } from '../ask'
import { tellArrival } from './arrival'
import { keep } from './device'
import { closeLists, moveByArrows } from './lists'
import { announce } from './newOnes'
import { offerOwn } from './own'
import { parse, render } from '../shadow'
import { canonicalOf, threadKey, threadPlaces, titleOf } from '../threadKey'
import { speak, type Problems } from './speak'
import { hear, markVoices } from './voices'
import { drawWaiting, showWaiting } from './waiting'
import { work } from './work'
import { helpWriting, quote } from './writing'

/** What of a thread is asked for beyond its place. */
interface Asked {
  order?: string
  after?: string
  at?: string
}

/** Shows every thread in a part of the page that no copy of the script has taken yet. */
export function showThreads(within: ParentNode, base: string): void {
  for (const place of within.querySelectorAll<HTMLElement>(threadPlaces)) {
    if (place.hasAttribute('data-antiphon-live')) continue
    place.setAttribute('data-antiphon-live', '')
    void new Thread(place, base).start()
  }
}

/** A thread on a page: shows it, and does without leaving the page what its links and forms do by themselves. */
class Thread {
  private readonly address: string
  private readonly site: string
  private readonly query: { id: string; url: string; title: string }
  private order?: string
  private shown = Date.now()

  constructor(
    private readonly place: HTMLElement,
    private readonly base: string,
  ) {
    const { dataset: data, ownerDocument: page } = place
    const { site, id } = threadKey(data)
    this.site = site
    this.address = `${base}threads/${encodeURIComponent(site)}`
    this.query = {
      id,
      url: data.antiphonAddress ?? data.antiphonUrl ?? canonicalOf(page),
      title: data.antiphonName ?? data.antiphonTitle ?? titleOf(page),
    }
  }

  private get root(): ShadowRoot {
    return this.place.shadowRoot!
  }

  /** What tells this thread from others of the site. */
  private get asked(): string {
    return this.query.id || this.query.url
  }

  private get form(): HTMLFormElement | null {
    return this.root.querySelector('.antiphon-form')
  }

  /** Shows it for the first time, at the comment a permanent link leads to. */
  async start(): Promise<void> {
    const at = /^#comment-(.+)/.exec(location.hash)?.[1]
    if (!(await this.show(at ? { at } : {}))) return
    if (this.place.ownerDocument === document) tellArrival(this.base, this.site, this.query.id)
    closeLists(this.root)
    this.root.addEventListener('click', (event) => this.click(event))
    this.root.addEventListener('submit', (event) => this.submit(event as SubmitEvent))
    const { asked } = this
    announce(
      this.root,
      `${this.address}/counts.json?${new URLSearchParams({ id: asked }).toString()}`,
      asked,
      () => void this.show(),
    )
    this.mark(location.hash.slice(1))
    addEventListener('hashchange', () => this.mark(location.hash.slice(1)))
  }

  private async show(asked: Asked = {}): Promise<boolean> {
    const html = await ask(this.addressOf(asked))
    if (!html) return false
    render(this.place, html)
    this.shown = Date.now()
    this.prepare(this.root)
    if (this.form) helpWriting(this.form, this.asked)
    void showWaiting(this.root, this.form, this.asked, () => void this.show())
    return true
  }

  private addressOf(asked: Asked): string {
    const order = asked.order ?? this.order
    return `${this.address}.html?${new URLSearchParams({ ...this.query, ...(order && { order }), ...asked }).toString()}`
  }

  private prepare(within: ParentNode): void {
    markVoices(within)
    within.querySelectorAll<HTMLElement>('.antiphon-acts').forEach(moveByArrows)
    offerOwn(within, this.form, () => void this.show())
  }

  /** A permanent link to a comment cannot reach into the shadow root by itself; "#comments" is the thread as a whole. */
  private mark(id: string): void {
    if (id === 'comments' && !document.getElementById(id)) this.place.scrollIntoView()
    if (!id.startsWith('comment-')) return
    this.root.querySelectorAll('.antiphon-linked').forEach((one) => one.classList.remove('antiphon-linked'))
    const linked = this.root.getElementById(id)
    linked?.classList.add('antiphon-linked')
    linked?.scrollIntoView()
  }

  private click(event: Event): void {
    const link = (event.target as HTMLElement).closest<HTMLElement>(
      '[data-order],[data-next],[data-at],[data-answers],[data-leave],[data-write],[data-copied]',
    )
    if (!link) return
    const { order, next, at, answers, copied, write } = link.dataset
    if (copied !== undefined && !navigator.clipboard) return
    event.preventDefault()
    if (copied !== undefined) void copyAddress(link as HTMLAnchorElement, copied)
    else if (write !== undefined) this.write()
    else if (order) void this.sort(order)
    else if (next) void this.more(link, next)
    else if (at) void this.show({ at }).then(() => this.mark(`comment-${at}`))
    else if (answers) this.answer(answers, link)
    else this.answered('', '')
  }

  private async sort(order: string): Promise<void> {
    this.order = order
    await this.show()
    this.root.querySelector<HTMLElement>('.antiphon-orders summary')?.focus()
  }

  /** Adds the next part below what is there; nothing above moves. */
  private async more(link: HTMLElement, after: string): Promise<void> {
    const html = await ask(this.addressOf({ after }))
    if (!html) return
    const { content } = parse(html)
    const list = this.root.querySelector('.antiphon-comments')!
    const fresh = [...content.querySelectorAll<HTMLElement>('.antiphon-comment')].filter(
      (one) => !this.root.getElementById(one.id),
    )
    list.append(...fresh)
    const next = content.querySelector('[data-next]')
    if (next) link.replaceWith(next)
    else link.parentElement?.remove()
    this.prepare(list)
    fresh[0]?.setAttribute('tabindex', '-1')
    fresh[0]?.focus({ preventScroll: true })
  }

  private answer(key: string, link: HTMLElement): void {
    const item = link.closest('li')!
    this.answered(key, item.querySelector('strong')?.textContent ?? '')
    const text = this.form!.querySelector('textarea')!
    const passage = chosenIn(this.root, item)
    if (passage) quote(text, passage)
    this.write()
  }

  private write(): void {
    this.form!.scrollIntoView({ block: 'center' })
    this.form!.querySelector('textarea')!.focus()
  }

  private answered(key: string, name: string): void {
    const line = this.form!.querySelector<HTMLElement>('.antiphon-answered')!
    this.form!.querySelector<HTMLInputElement>('[name=answers]')!.value = key
    line.hidden = !key
    line.querySelector('b')!.textContent = name
  }

  private submit(event: SubmitEvent): void {
    const form = event.target as HTMLFormElement
    event.preventDefault()
    if (form === this.form) void this.send(form)
    else if (form.action.endsWith('/voice')) void hear(form, event.submitter as HTMLButtonElement | null)
  }

  private async send(form: HTMLFormElement): Promise<void> {
    const button = form.querySelector('.antiphon-send')
    // The same key goes with every repeat of the same text, so that an answer lost on the way does not make two comments.
    const key = (form.dataset.key ??= crypto.getRandomValues(new Uint32Array(4)).join(''))
    button?.setAttribute('disabled', '')
    try {
      const fields = new FormData(form)
      const seconds = String(Math.floor((Date.now() - this.shown) / 1000))
      const { ok, said } = await speak<{ message: string; key: string; isPublic: boolean }>(form.action, fields, {
        key,
        seconds,
        work: work(key),
      })
      if (!ok) return tell(form, said)
      keep((mine) => (mine.mine[said.key] = String(fields.get('text'))))
      form.dispatchEvent(new Event('sent'))
      await this.sent(form, said.key, said.message, said.isPublic, String(fields.get('name')))
    } catch {
      tell(form, {
        title: navigator.onLine
          ? 'The server cannot be reached. Your text is kept; try again.'
          : 'You are offline. Your text is kept; try again.',
      })
    } finally {
      button?.removeAttribute('disabled')
    }
  }

  /** What was written shows where it will stand, or as waiting; the form is ready for the next. */
  private async sent(
    form: HTMLFormElement,
    key: string,
    message: string,
    isPublic: boolean,
    name: string,
  ): Promise<void> {
    if (isPublic) {
      await this.show({ at: key })
      this.mark(`comment-${key}`)
      return thank(this.form ?? form, message)
    }
    const one = { thread: this.asked, name, message }
    keep((mine) => (mine.waiting[key] = one))
    for (const field of form.querySelectorAll<HTMLInputElement>('textarea, [type=file], [name=pictureAlt]'))
      field.value = ''
    for (const star of form.querySelectorAll<HTMLInputElement>('[name=rating]')) star.checked = false
    delete form.dataset.key
    this.answered('', '')
    this.shown = Date.now()
    tell(form, {})
    form.classList.add('antiphon-short')
    drawWaiting(form, key, one, () => void this.show()).focus()
  }
}

/** Puts the address of a comment on the clipboard, and says so where one pressed. */
async function copyAddress(link: HTMLAnchorElement, copied: string): Promise<void> {
  const words = link.textContent
  await navigator.clipboard.writeText(new URL(link.href, location.href).href)
  link.textContent = copied
  setTimeout(() => (link.textContent = words), 2000)
}

/** What the reader has chosen within a comment, to be quoted. */
function chosenIn(root: ShadowRoot, item: Element): string {
  // Chromium keeps the selection of a shadow root with the root itself.
  const selection =
    (root as unknown as { getSelection?: () => Selection | null }).getSelection?.() ?? document.getSelection()
  const node = selection?.anchorNode
  return node && item.querySelector('.antiphon-said')?.contains(node) ? (selection?.toString().trim() ?? '') : ''
}

function thank(form: HTMLFormElement, message: string): void {
  const thanks = document.createElement('p')
  thanks.className = 'antiphon-thanks'
  thanks.setAttribute('part', 'thanks')
  thanks.setAttribute('role', 'status')
  thanks.textContent = message
  form.before(thanks)
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
    ;(field?.closest('p, fieldset, .antiphon-field') ?? form).append(note(messages.join(' ')))
  }
  if (fields.length === 0 && problems.title) form.append(note(problems.title))
  first?.focus()
}

function note(text: string): HTMLElement {
  const element = document.createElement('span')
  element.className = 'antiphon-problem'
  element.setAttribute('role', 'alert')
  element.textContent = text
  return element
}
