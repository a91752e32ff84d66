const signs =
  '😀 😄 😂 🙂 😉 😊 😍 🤔 😮 😢 😭 😅 🙈 👍 👎 👏 🙏 💪 👋 ❤️ 💛 💚 💙 ✨ 🔥 🎉 ☀️ 🌙 🌟 🌈 ☁️ ❄️ 🌧️ 🦉 🐈 🐕 🌿 🌼 ☕ 🍰 🔭 📷 🎵 📖 🚲 🏔️ 🚀 🪐 ✅ ❓'.split(
    ' ',
  )

/** A small table of emoji that opens from its button; arrows move in it, Enter takes one, Escape closes it. */
export function offerEmoji(opener: HTMLElement, take: (sign: string) => void): void {
  opener.addEventListener('click', () => {
    const tools = opener.parentElement!
    const open = tools.nextElementSibling
    if (open?.matches('.antiphon-emoji')) close(open)
    else show(tools)
  })

  function close(table: Element): void {
    table.remove()
    opener.setAttribute('aria-expanded', 'false')
    opener.focus()
  }

  function show(tools: HTMLElement): void {
    const table = document.createElement('div')
    table.className = 'antiphon-emoji'
    table.setAttribute('role', 'group')
    table.setAttribute('aria-label', opener.getAttribute('aria-label') ?? '')
    const buttons = signs.map((sign, at) => {
      const one = document.createElement('button')
      one.type = 'button'
      one.textContent = sign
      one.tabIndex = at ? -1 : 0
      one.addEventListener('click', () => {
        take(sign)
        table.remove()
        opener.setAttribute('aria-expanded', 'false')
      })
      return one
    })
    table.addEventListener('keydown', (event) => {
      if (event.key === 'Escape') return close(table)
      const at = buttons.findIndex((one) => one.matches(':focus'))
      const inRow = Math.max(1, buttons.filter((one) => one.offsetTop === buttons[0]!.offsetTop).length)
      const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: inRow, ArrowUp: -inRow }[event.key]
      if (!by || at < 0) return
      event.preventDefault()
      const next = buttons[Math.min(buttons.length - 1, Math.max(0, at + by))]!
      buttons[at]!.tabIndex = -1
      next.tabIndex = 0
      next.focus()
    })
    table.append(...buttons)
    tools.after(table)
    opener.setAttribute('aria-expanded', 'true')
    buttons[0]!.focus()
  }
}
