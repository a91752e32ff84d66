import { showCounts } from './counts'
import { showListing } from './listing'
import { loadForms, loadThreads } from './loadPart'

/** Where this script came from; everything else is asked for there. */
const script = document.currentScript as HTMLScriptElement | null
const base = script ? new URL('.', script.src).href : ''

/** Shows every container that no copy of the script has taken yet; a page may carry several copies, and each looks for all of them. */
function showAll(): void {
  for (const place of document.querySelectorAll<HTMLElement>(
    '[data-antiphon-listing]:not([data-antiphon-way],[data-antiphon-live])',
  )) {
    place.setAttribute('data-antiphon-live', '')
    void showListing(place, base)
  }
  void loadThreads(document, base)
  void loadForms(document, base)
  showCounts(document, base)
}

/** Frames tell their height; only the one the message comes from is fitted. */
addEventListener('message', (event) => {
  const height = Number((event.data as { antiphonHeight?: unknown } | null)?.antiphonHeight)
  if (!(height > 0) || event.origin !== new URL(base).origin) return
  for (const frame of document.querySelectorAll<HTMLIFrameElement>('iframe[data-antiphon-frame]')) {
    if (frame.contentWindow === event.source) frame.height = String(Math.min(height, 20000))
  }
})

// An async script may run before the rest of the page has been read.
if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', showAll)
else showAll()
