/** Selects what threads are shown in: today's snippet and the one with three attributes before it. */
export const threadPlaces = '[data-antiphon-comments],[data-antiphon-thread]'

/** Selects what shows how many comments a thread has, in both snippets. */
export const countPlaces = '[data-antiphon-comment-count],[data-antiphon-count]'

/** Which thread is meant. */
export interface ThreadKey {
  /** Public key of the site. */
  site: string
  /** Identifier that stays when the page moves; empty where the page's canonical address tells the thread. */
  id: string
}

/** Reads which thread an element is for. */
export function threadKey(data: DOMStringMap): ThreadKey {
  const key = data.antiphonComments ?? data.antiphonCommentCount
  if (key === undefined) return { site: data.antiphonSite ?? '', id: data.antiphonThread ?? data.antiphonCount ?? '' }
  const [site, ...id] = key.split('/')
  return { site: site!.trim(), id: id.join('/').trim() }
}

/** The canonical address a page names, or else the one it is at. */
export function canonicalOf(page: Document): string {
  return page.querySelector<HTMLLinkElement>('link[rel~="canonical" i][href]')?.href ?? location.href
}

/** The title a page gives to be shown elsewhere, or else its own. */
export function titleOf(page: Document): string {
  return page.querySelector<HTMLMetaElement>('meta[property="og:title"]')?.content || page.title
}
