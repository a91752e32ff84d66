import { askedView, isPlain, postAddress, withView } from './address'
import { ask } from './ask'
import { parse } from './shadow'
import { offerSharing } from './sharing'
import { loadThreads } from './loadPart'

/** Opens posts of a listing in a dialog over the page; the dialog has an address, and the way back closes it. */
export function followPanel(root: ShadowRoot, address: string, base: string): void {
  const dialog = makeDialog(root)
  const content = dialog.querySelector<HTMLElement>('div')!
  const before = document.title
  let opener: HTMLElement | null = null

  /** Opens the post, or says that it is not one of this listing's. */
  async function open(view: string): Promise<boolean> {
    const html = await ask(`${address}?view=${view.split('/').slice(0, 2).map(encodeURIComponent).join('/')}`)
    const section = html ? parse(html).content.querySelector('section') : null
    if (!section?.querySelector('.antiphon-post')) return false
    content.replaceChildren(...section.querySelectorAll('.antiphon-post,.antiphon-neighbours'))
    const title = content.querySelector<HTMLElement>('.antiphon-post')?.dataset.title ?? ''
    dialog.setAttribute('aria-label', title)
    document.title = `${title} – ${before}`
    dialog.style.background = backgroundOf(root.host)
    if (!dialog.open) dialog.showModal()
    dialog.scrollTop = 0
    content.querySelector<HTMLElement>('.antiphon-view-title')?.focus()
    void loadThreads(content, base)
    offerSharing(content)
    return true
  }

  async function go(link: HTMLAnchorElement): Promise<void> {
    const view = link.dataset.view ?? ''
    if (!dialog.contains(link)) opener = link
    if (await open(view)) history.pushState({ antiphonPanel: true }, '', postAddress(view, link.dataset.slug))
    else location.assign(link.href)
  }

  /** The way back, when the panel was opened on this page; a page that was opened with it just loses it. */
  function leave(): void {
    if ((history.state as { antiphonPanel?: boolean } | null)?.antiphonPanel) history.back()
    else history.replaceState(null, '', withView(location.href))
  }

  root.addEventListener('click', (event) => {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a[data-view^="post/"]')
    if (link && isPlain(event as MouseEvent)) {
      event.preventDefault()
      void go(link)
    } else if (isBeside(event as MouseEvent, dialog) || (event.target as Element).closest('.antiphon-close'))
      dialog.close()
  })
  // However it was closed: by Escape, by its button, or by the way back, which has changed the address already.
  dialog.addEventListener('close', () => {
    document.title = before
    opener?.focus()
    if (askedView().startsWith('post/')) leave()
  })
  const follow = () => {
    if (!askedView().startsWith('post/')) dialog.close()
    else if (dialog.open || !isRead()) void open(askedView())
  }
  addEventListener('popstate', follow)
  follow()
}

/** A click on what lies around the dialog; its own padding is no such place. */
function isBeside(event: MouseEvent, dialog: HTMLDialogElement): boolean {
  const box = dialog.getBoundingClientRect()
  return (
    event.target === dialog &&
    (event.clientX < box.left || event.clientX > box.right || event.clientY < box.top || event.clientY > box.bottom)
  )
}

/** True when a post is open already, in a panel of another listing or in a whole blog. */
function isRead(): boolean {
  return [...document.querySelectorAll('[data-antiphon-listing]')].some((place) =>
    place.shadowRoot?.querySelector('dialog[open],[data-views]'),
  )
}

function makeDialog(root: ShadowRoot): HTMLDialogElement {
  const dialog = document.createElement('dialog')
  dialog.className = 'antiphon-panel antiphon-listing'
  dialog.setAttribute('part', 'panel')
  const close = document.createElement('button')
  close.className = 'antiphon-close'
  close.setAttribute('part', 'close')
  close.textContent = root.querySelector<HTMLElement>('[data-close]')?.dataset.close ?? '✕'
  dialog.append(close, document.createElement('div'))
  root.append(dialog)
  return dialog
}

/** The colour behind the listing, since a dialog stands on none. */
function backgroundOf(element: Element | null): string {
  for (; element; element = element.parentElement) {
    const colour = getComputedStyle(element).backgroundColor
    if (colour && !/^rgba\(.*, 0\)$|^transparent$/.test(colour)) return colour
  }
  return 'Canvas'
}
