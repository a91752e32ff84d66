import { marked } from 'marked'

/** Longest text taken from the clipboard at once, in characters. */
export const longestPaste = 2_000_000

const clutter =
  'script, style, meta, link, title, xml, o\\:p, noscript, template, button, input, select, textarea, iframe, object, svg'

/**
 * What word processors and web pages put on the clipboard, without what only they need: conditional comments, styles, empty spans, tracking pixels, lists that are paragraphs with dots.
 * The schema of the editor drops every element it does not know afterwards.
 */
export function cleanPaste(html: string): string {
  const body = new DOMParser().parseFromString(
    html.slice(0, longestPaste).replace(/<!--[\s\S]*?-->/g, ''),
    'text/html',
  ).body
  for (const element of body.querySelectorAll(clutter)) element.remove()
  for (const image of body.querySelectorAll('img')) if (image.width <= 2 && image.hasAttribute('width')) image.remove()
  listsOf(body)
  for (const element of body.querySelectorAll<HTMLElement>('[style]')) {
    keepMeaning(element)
    element.removeAttribute('style')
  }
  for (const paragraph of body.querySelectorAll('p'))
    if (!paragraph.textContent?.replace(/\u00a0/g, ' ').trim() && !paragraph.querySelector('img')) paragraph.remove()
  for (const heading of body.querySelectorAll('h1')) heading.outerHTML = `<h2>${heading.innerHTML}</h2>`
  return body.innerHTML.replace(/(\u00a0|&nbsp;)+/g, ' ')
}

/** Bold and italics that stand only in a style. */
function keepMeaning(element: HTMLElement): void {
  const { fontWeight, fontStyle } = element.style
  if ((fontWeight === 'bold' || Number(fontWeight) >= 600) && !/^(h\d|strong|b|th)$/.test(element.localName))
    element.innerHTML = `<strong>${element.innerHTML}</strong>`
  if (fontStyle === 'italic' && !/^(em|i)$/.test(element.localName)) element.innerHTML = `<em>${element.innerHTML}</em>`
  // Some editors wrap everything in a b that is not bold.
  if (element.localName === 'b' && fontWeight === 'normal') element.replaceWith(...element.childNodes)
}

/** Paragraphs that only look like lists, by their drawn bullet. */
function listsOf(body: HTMLElement): void {
  for (const first of body.querySelectorAll<HTMLElement>('p[style*="mso-list"]')) {
    if (!first.isConnected) continue
    const isNumbered = /^\s*(\d+|[a-z])[.)]/i.test(first.textContent ?? '')
    const list = document.createElement(isNumbered ? 'ol' : 'ul')
    first.before(list)
    for (let one: Element | null = first; one instanceof HTMLElement && one.matches('p[style*="mso-list"]');) {
      const next: Element | null = one.nextElementSibling
      const item = document.createElement('li')
      item.innerHTML = one.innerHTML.replace(
        /^(\s|&nbsp;|<[^>]+>)*([·•o§-]|\d+[.)]|[a-z][.)])(\s|&nbsp;|<\/?span[^>]*>)*/i,
        '',
      )
      list.append(item)
      one.remove()
      one = next
    }
  }
}

const signs = [
  /^#{1,6} \S/m,
  /^[-*+] \S/m,
  /^\d+\. \S/m,
  /\*\*\S[^*]*\*\*/,
  /\[[^\]]+\]\([^)\s]+\)/,
  /^> \S/m,
  /^```/m,
  /^\|.+\|$/m,
]

/** Whether plain text is written in Markdown: at least two of its signs. */
export const isMarkdown = (text: string) => signs.filter((sign) => sign.test(text)).length >= 2

/** HTML of Markdown. */
export const fromMarkdown = (text: string) => cleanPaste(marked.parse(text, { async: false, gfm: true }))

/** An address alone on its line. */
export const loneAddress = (text: string) => /^https?:\/\/\S+$/.exec(text.trim())?.[0] ?? null
