const openLists = '.antiphon-orders[open], .antiphon-quiet[open], .antiphon-react[open]'

/** Lists that open close again when one looks elsewhere: by Escape, by a click beside them, by opening another. */
export function closeLists(root: ShadowRoot): void {
  const close = (but?: Element | null) =>
    root.querySelectorAll<HTMLDetailsElement>(openLists).forEach((list) => {
      if (!but || !list.contains(but)) list.open = false
    })
  root.addEventListener('click', (event) => close(event.target as Element))
  document.addEventListener('click', (event) => {
    if (!event.composedPath().includes(root)) close()
  })
  root.addEventListener('keydown', (event) => {
    if ((event as KeyboardEvent).key !== 'Escape') return
    const open = [...root.querySelectorAll<HTMLDetailsElement>(openLists)].pop()
    if (!open) return
    open.open = false
    open.querySelector('summary')?.focus()
  })
}

/** A row of buttons is one stop of the Tab key; arrows move within it. */
export function moveByArrows(row: HTMLElement): void {
  const stops = () =>
    [...row.querySelectorAll<HTMLElement>('button, a, summary')].filter((one) => one.offsetParent !== null)
  const only = (chosen?: HTMLElement) =>
    row.querySelectorAll<HTMLElement>('button, a, summary').forEach((one) => (one.tabIndex = one === chosen ? 0 : -1))
  only(row.querySelector<HTMLElement>('button, a, summary') ?? undefined)
  row.addEventListener('focusin', (event) =>
    only((event.target as Element).closest('button, a, summary') as HTMLElement),
  )
  row.addEventListener('keydown', (event) => {
    const isBack = getComputedStyle(row).direction === 'rtl'
    const by = { ArrowRight: isBack ? -1 : 1, ArrowLeft: isBack ? 1 : -1 }[event.key]
    const all = stops()
    const at = all.indexOf((event.target as Element).closest('button, a, summary') as HTMLElement)
    if (!by || at < 0) return
    event.preventDefault()
    all[(at + by + all.length) % all.length]?.focus()
  })
}
