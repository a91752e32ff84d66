/** Tells once that a post was come to, and by what: the source its link names, or the host of the page before. Nothing of the reader goes along. */
export function tellArrival(base: string, site: string, id: string): void {
  if (!id || new URL(base).origin === location.origin) return
  const from = new URLSearchParams(location.search).get('utm_source') ?? ''
  const by = document.referrer ? new URL(document.referrer).hostname : ''
  navigator.sendBeacon?.(`${base}came/${encodeURIComponent(site)}?${new URLSearchParams({ id, from, by }).toString()}`)
}
