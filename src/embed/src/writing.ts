/** Buttons for the forms of a comment, and a draft that stays on the device until it is sent. */
export function helpWriting(form: HTMLFormElement, thread: string): void {
  const text = form.querySelector('textarea')!
  const tools = form.querySelector<HTMLElement>('.antiphon-tools')!
  tools.hidden = false
  tools.querySelectorAll<HTMLElement>('button').forEach((tool) => tool.addEventListener('click', () => put(text, tool.dataset.before!, tool.dataset.after!)))
  text.addEventListener('keydown', (event) => {
    const mark = { b: '**', i: '*' }[event.key]
    if (!mark || !(event.ctrlKey || event.metaKey)) return
    event.preventDefault()
    put(text, mark, mark)
  })
  const draft = `antiphon-draft ${thread}`
  try {
    text.value ||= localStorage.getItem(draft) ?? ''
    text.addEventListener('input', () => localStorage.setItem(draft, text.value))
    form.addEventListener('sent', () => localStorage.removeItem(draft))
  } catch {
    // Nothing can be stored here; the text stays while the page does.
  }
}

/** Puts signs around what is chosen, or before each of its lines. */
function put(text: HTMLTextAreaElement, before: string, after: string): void {
  const { selectionStart: start, selectionEnd: end, value } = text
  const chosen = value.slice(start, end)
  const lead = after || start === 0 || value[start - 1] === '\n' ? '' : '\n'
  const made = after
    ? before + chosen + after
    : lead +
      chosen
        .split('\n')
        .map((line) => before + line)
        .join('\n')
  text.focus()
  text.setRangeText(made, start, end, 'end')
  if (after && !chosen) text.setSelectionRange(start + before.length, start + before.length)
  text.dispatchEvent(new Event('input'))
}
