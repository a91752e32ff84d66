import { ask } from '../ask'

const between = 60_000

/** Says that new comments came while the reader reads; nothing moves before they ask for it. */
export function announce(root: ShadowRoot, counts: string, identifier: string, show: () => void): () => void {
  let looked = Date.now()
  const look = async () => {
    if (document.hidden) return
    looked = Date.now()
    const answer = await ask(counts)
    const now = answer ? ((JSON.parse(answer) as Record<string, { count: number }>)[identifier]?.count ?? 0) : 0
    const section = root.querySelector<HTMLElement>('.antiphon-thread')
    const fresh = now - Number(section?.dataset.count ?? now)
    if (section && fresh > 0) tell(section, fresh, show)
  }
  const timer = window.setInterval(() => void look(), between)
  const back = () => {
    // Coming back to the page is a moment to look too, though not at each glance.
    if (!document.hidden && Date.now() - looked > 1_000) void look()
  }
  document.addEventListener('visibilitychange', back)
  window.addEventListener('focus', back)
  return () => {
    clearInterval(timer)
    document.removeEventListener('visibilitychange', back)
    window.removeEventListener('focus', back)
  }
}

function tell(section: HTMLElement, fresh: number, show: () => void): void {
  let button = section.querySelector<HTMLButtonElement>('.antiphon-new')
  if (!button) {
    button = document.createElement('button')
    button.type = 'button'
    button.className = 'antiphon-new'
    button.setAttribute('part', 'new')
    button.setAttribute('aria-live', 'polite')
    button.addEventListener('click', show)
    section.querySelector('.antiphon-heading')!.after(button)
  }
  button.textContent = section.dataset.new!.replace('{0}', String(fresh))
}
