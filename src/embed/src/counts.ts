import { ask } from './ask'

type Counts = Record<string, { count: number; words: string }>

/** Fills in numbers of comments, those of one site in one request. */
export function showCounts(within: ParentNode, base: string): void {
  const places = new Map<string, HTMLElement[]>()
  for (const place of within.querySelectorAll<HTMLElement>('[data-antiphon-count]:not([data-antiphon-live])')) {
    place.setAttribute('data-antiphon-live', '')
    const site = place.dataset.antiphonSite ?? ''
    places.set(site, [...(places.get(site) ?? []), place])
  }
  for (const [site, some] of places) void fill(some, `${base}threads/${encodeURIComponent(site)}/counts.json`)
}

async function fill(places: HTMLElement[], address: string): Promise<void> {
  const query = new URLSearchParams()
  new Set(places.map((place) => place.dataset.antiphonCount!)).forEach((id) => query.append('id', id))
  const answer = await ask(`${address}?${query.toString()}`)
  if (!answer) return
  const counts = JSON.parse(answer) as Counts
  for (const place of places) {
    const words = counts[place.dataset.antiphonCount!]?.words
    if (words) place.textContent = words
  }
}
