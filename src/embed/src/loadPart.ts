import { threadPlaces } from './threadKey'

declare global {
  interface Window {
    antiphon?: {
      threads?: { showThreads: (within: ParentNode, base: string) => void }
      forms?: { showForms: (within: ParentNode, base: string) => void }
    }
  }
}

const loading: Record<string, Promise<unknown>> = {}

/** Loads a further file of ours, once a page. */
function load(file: string, base: string): Promise<unknown> {
  return (loading[file] ??= new Promise((done) => {
    const script = document.createElement('script')
    script.src = base + file
    script.addEventListener('load', done)
    script.addEventListener('error', done)
    document.head.append(script)
  }))
}

/** Shows the threads in a part of the page; what they need is loaded with the first of them. */
export async function loadThreads(within: ParentNode, base: string): Promise<void> {
  if (!within.querySelector(`:is(${threadPlaces}):not([data-antiphon-live])`)) return
  await load('antiphon-threads.js', base)
  window.antiphon?.threads?.showThreads(within, base)
}

/** Shows the forms in a part of the page; what they need is loaded with the first of them. */
export async function loadForms(within: ParentNode, base: string): Promise<void> {
  if (!within.querySelector('[data-antiphon-form]:not([data-antiphon-live])')) return
  await load('antiphon-forms.js', base)
  window.antiphon?.forms?.showForms(within, base)
}
