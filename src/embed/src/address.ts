/** Name of the parameter of the page's address that holds a view, and of the one that holds its page number. */
const parameter = 'antiphon'
const pageParameter = 'antiphon-page'

const listParameter = 'antiphon-list'

/** The page a listing is turned to in the address bar; 1 where it says nothing. */
export function askedPage(key: string): number {
  const own = listPages().find(([listing]) => listing === key)
  return Math.max(1, Number(own?.[1]) || 1)
}

/** The address bar with a listing turned to a page; others on the page stay as they are. */
export function pageAddress(key: string, page: number): string {
  const made = new URL(location.href)
  const others = listPages().filter(([listing]) => listing !== key)
  made.searchParams.delete(listParameter)
  for (const [listing, at] of [...others, ...(page > 1 ? [[key, String(page)]] : [])])
    made.searchParams.append(listParameter, `${listing}/${at}`)
  return readable(made)
}

const listPages = () => new URLSearchParams(location.search).getAll(listParameter).map((one) => one.split('/'))

/** The address the page gives itself, and otherwise the one in the address bar. */
export function ownAddress(): string {
  return document.querySelector<HTMLLinkElement>('link[rel=canonical]')?.href ?? location.href
}

/** The view the address bar asks for, such as "post/k7fq2/geminids"; empty for none. */
export function askedView(): string {
  return new URLSearchParams(location.search).get(parameter) ?? ''
}

/** An address with the view of another, or with none. */
export function withView(address: string, from?: string): string {
  const made = new URL(address)
  const given = from ? new URL(from, address).searchParams : new URLSearchParams()
  for (const name of [parameter, pageParameter]) {
    const value = given.get(name)
    if (value === null) made.searchParams.delete(name)
    else made.searchParams.set(name, value)
  }
  return readable(made)
}

/** The page in the address bar, showing what somebody searches for. */
export function searchAddress(words: string): string {
  const made = new URL(withView(location.href))
  made.searchParams.set(parameter, `search/${words}`)
  return readable(made)
}

/** The page in the address bar, with a post open over it. */
export function postAddress(view: string, slug?: string): string {
  const made = new URL(withView(location.href))
  made.searchParams.set(parameter, slug ? `${view}/${slug}` : view)
  return readable(made)
}

/** The slashes of a view need no code in a query, and a space is written as everywhere else. */
function readable(address: URL): string {
  address.search = address.search.replace(/%2F/gi, '/').replace(/\+/g, '%20')
  return address.href
}

/** A click that asks for a new tab or window is the reader's own business. */
export function isPlain(event: MouseEvent): boolean {
  return !event.ctrlKey && !event.metaKey && !event.shiftKey && !event.altKey && event.button === 0
}
