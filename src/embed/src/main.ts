import { showListing } from './listing'
import { showThread } from './thread'

/** Where this script came from; everything else is asked for there. */
const script = document.currentScript as HTMLScriptElement | null
const base = script ? new URL('.', script.src).href : ''

/** Shows every container that is not shown yet, so that several copies of the script do no harm. */
function showAll(): void {
  for (const place of document.querySelectorAll<HTMLElement>('[data-antiphon-listing]')) {
    if (!place.shadowRoot) void showListing(place, base)
  }
  for (const place of document.querySelectorAll<HTMLElement>('[data-antiphon-thread]')) {
    if (!place.shadowRoot) void showThread(place, base)
  }
}

// An async script may run before the rest of the page has been read.
if (document.readyState === 'loading') document.addEventListener('DOMContentLoaded', showAll)
else showAll()
