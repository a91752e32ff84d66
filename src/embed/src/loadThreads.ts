declare global {
  interface Window {
    antiphonThreads?: { showThreads: (within: ParentNode, base: string) => void }
  }
}

let loading: Promise<unknown> | null = null

/** Shows the threads in a part of the page; what they need is loaded with the first of them. */
export async function loadThreads(within: ParentNode, base: string): Promise<void> {
  if (!within.querySelector('[data-antiphon-thread]:not([data-antiphon-live])')) return
  loading ??= new Promise((done) => {
    const script = document.createElement('script')
    script.src = `${base}antiphon-threads.js`
    script.addEventListener('load', done)
    script.addEventListener('error', done)
    document.head.append(script)
  })
  await loading
  window.antiphonThreads?.showThreads(within, base)
}
