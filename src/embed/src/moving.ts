/** Gives a carousel its arrows, dots and pause, and a ticker its run; without script both are scrolled by hand. */
export function setMoving(root: ShadowRoot): void {
  const section = root.querySelector<HTMLElement>('[data-moving]')
  const list = section?.querySelector<HTMLElement>('.antiphon-entries')
  if (!section || !list || list.children.length < 2) return
  const controls = document.createElement('div')
  controls.className = 'antiphon-moves'
  controls.setAttribute('part', 'arrows moves')
  if (section.dataset.moving === 'carousel') addSteps(list, controls)
  const seconds = Number(section.dataset.seconds)
  if (seconds && !matchMedia('(prefers-reduced-motion: reduce)').matches) addPause(section, list, controls, seconds)
  if (controls.childElementCount) section.append(controls)
}

function addSteps(list: HTMLElement, controls: HTMLElement): void {
  const dots = document.createElement('span')
  const entries = [...list.children] as HTMLElement[]
  const marks = entries.map((entry, index) => {
    const dot = button(`${index + 1} / ${entries.length}`, '', () => go(list, entry))
    dot.className = 'antiphon-dot'
    return dot
  })
  dots.append(...marks)
  const show = () =>
    marks.forEach((mark, index) =>
      index === at(list) ? mark.setAttribute('aria-current', 'true') : mark.removeAttribute('aria-current'),
    )
  list.addEventListener('scroll', show, { passive: true })
  show()
  controls.append(
    button('‹', '‹', () => step(list, -1)),
    dots,
    button('›', '›', () => step(list, 1)),
  )
}

function addPause(section: HTMLElement, list: HTMLElement, controls: HTMLElement, seconds: number): void {
  let paused = false
  const pause = button('Pause', '❚❚', () => {
    paused = !paused
    pause.setAttribute('aria-pressed', String(paused))
    pause.textContent = paused ? '▶' : '❚❚'
  })
  pause.setAttribute('aria-pressed', 'false')
  controls.append(pause)
  window.setInterval(() => {
    // Whoever points at it or has reached it by keyboard is reading.
    if (!paused && !section.matches(':hover') && !section.matches(':focus-within')) step(list, 1)
  }, seconds * 1000)
}

/** The entry at the start of the visible part. */
function at(list: HTMLElement): number {
  const start = list.getBoundingClientRect().left
  const offsets = [...list.children].map((entry) => Math.abs(entry.getBoundingClientRect().left - start))
  return offsets.indexOf(Math.min(...offsets))
}

function step(list: HTMLElement, by: number): void {
  const atEnd = by > 0 && list.scrollLeft + list.clientWidth >= list.scrollWidth - 4
  const next = atEnd ? 0 : (at(list) + by + list.children.length) % list.children.length
  go(list, list.children[next] as HTMLElement)
}

function go(list: HTMLElement, entry: HTMLElement): void {
  list.scrollBy({ left: entry.getBoundingClientRect().left - list.getBoundingClientRect().left })
}

function button(label: string, text: string, act: () => void): HTMLButtonElement {
  const made = document.createElement('button')
  made.type = 'button'
  made.setAttribute('aria-label', label)
  made.textContent = text
  made.addEventListener('click', act)
  return made
}
