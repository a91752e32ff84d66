import { ask } from './ask'
import { canonicalOf, countPlaces, threadKey } from './threadKey'

type Counts = Record<string, { count: number; words: string }>

interface CountPlace {
  element: HTMLElement
  asked: string
}

/** Fills in numbers of comments, those of one site in one request. */
export function showCounts(within: ParentNode, base: string): void {
  const bySite = new Map<string, CountPlace[]>()
  for (const element of within.querySelectorAll<HTMLElement>(countPlaces)) {
    if (element.hasAttribute('data-antiphon-live')) continue
    element.setAttribute('data-antiphon-live', '')
    const { site, id } = threadKey(element.dataset)
    bySite.set(site, [...(bySite.get(site) ?? []), { element, asked: id || addressOf(element) }])
  }
  for (const [site, places] of bySite) void fill(places, `${base}threads/${encodeURIComponent(site)}/counts.json`)
}

/** The page a number is about: the one its link leads to, or else the one it stands on. */
function addressOf(element: HTMLElement): string {
  const link = element.closest('a')
  return link?.href ? link.href.split('#')[0]! : canonicalOf(element.ownerDocument)
}

async function fill(places: CountPlace[], address: string): Promise<void> {
  const query = new URLSearchParams()
  new Set(places.map((place) => place.asked)).forEach((id) => query.append('id', id))
  const answer = await ask(`${address}?${query.toString()}`)
  if (!answer) return
  const counts = JSON.parse(answer) as Counts
  for (const { element, asked } of places) {
    const words = counts[asked]?.words
    if (words) element.textContent = words
  }
}
