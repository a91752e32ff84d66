import { keep, kept } from './device'
import { offerEmoji } from './emoji'
import { moveByArrows } from './lists'

const warnFrom = 500

/** Buttons for the forms of a comment, a count of what is left, a preview, the name given before, and a draft that stays on the device until it is sent. */
export function helpWriting(form: HTMLFormElement, thread: string): void {
  const text = form.querySelector('textarea')!
  const tools = form.querySelector<HTMLElement>('.antiphon-tools')!
  tools.hidden = false
  moveByArrows(tools)
  tools
    .querySelectorAll<HTMLElement>('[data-before]')
    .forEach((tool) => tool.addEventListener('click', () => put(text, tool.dataset.before!, tool.dataset.after!)))
  offerEmoji(tools.querySelector('[data-emoji]')!, (sign) => put(text, sign, ''))
  text.addEventListener('keydown', (event) => {
    const mark = { b: '**', i: '*' }[event.key]
    if (!mark || !(event.ctrlKey || event.metaKey)) return
    event.preventDefault()
    put(text, mark, mark)
  })
  keepDraft(form, text, thread)
  const left = form.querySelector<HTMLElement>('.antiphon-count')!
  const count = () => {
    const room = text.maxLength - text.value.length
    left.hidden = room > warnFrom
    left.textContent = left.dataset.words!.replace('{0}', String(room))
  }
  text.addEventListener('input', count)
  count()
  showPreview(form, text)
  stayShort(form, text)
}

/** The form is one line until somebody begins to write; what is asked beside the text shows then. */
function stayShort(form: HTMLFormElement, text: HTMLTextAreaElement): void {
  const isBegun = text.value || form.querySelector('[aria-invalid], .antiphon-answered:not([hidden])')
  if (!isBegun) form.classList.add('antiphon-short')
  form.addEventListener('focusin', () => form.classList.remove('antiphon-short'))
}

function keepDraft(form: HTMLFormElement, text: HTMLTextAreaElement, thread: string): void {
  const draft = `antiphon-draft ${thread}`
  const fields = ['name', 'mail'] as const
  const inputs = fields.map((name) => form.querySelector<HTMLInputElement>(`[name=${name}]`)!)
  try {
    text.value ||= localStorage.getItem(draft) ?? ''
    text.addEventListener('input', () => localStorage.setItem(draft, text.value))
    const mine = kept()
    inputs.forEach((input, at) => (input.value ||= mine[fields[at]!]))
    form.addEventListener('sent', () => {
      localStorage.removeItem(draft)
      keep((what) => inputs.forEach((input, at) => (what[fields[at]!] = input.value)))
    })
  } catch {
    // Nothing can be stored here; the text stays while the page does.
  }
}

function showPreview(form: HTMLFormElement, text: HTMLTextAreaElement): void {
  const see = form.querySelector<HTMLButtonElement>('.antiphon-see')!
  const shown = form.querySelector<HTMLElement>('.antiphon-preview')!
  see.setAttribute('aria-pressed', 'false')
  see.addEventListener('click', () => {
    shown.hidden = !shown.hidden
    see.setAttribute('aria-pressed', String(!shown.hidden))
    if (!shown.hidden) void fill()
  })

  async function fill(): Promise<void> {
    const body = new URLSearchParams({ text: text.value })
    const answer = await fetch(`${form.action}/preview`, { method: 'POST', body, credentials: 'omit' }).catch(
      () => null,
    )
    // Made by the server from encoded text, as comments themselves are.
    if (answer?.ok) shown.innerHTML = await answer.text()
  }
}

/** Puts signs around what is chosen, or before each of its lines. */
export function put(text: HTMLTextAreaElement, before: string, after: string): void {
  const { selectionStart: start, selectionEnd: end, value } = text
  const chosen = value.slice(start, end)
  const isLine = !after && before.endsWith(' ')
  const lead = !isLine || start === 0 || value[start - 1] === '\n' ? '' : '\n'
  const made = isLine ? lead + lines(chosen, before) : before + chosen + after
  text.focus()
  text.setRangeText(made, start, end, 'end')
  if (after && !chosen) text.setSelectionRange(start + before.length, start + before.length)
  text.dispatchEvent(new Event('input'))
}

const lines = (chosen: string, before: string) =>
  chosen
    .split('\n')
    .map((line) => before + line)
    .join('\n')

/** Puts a passage at the end as a quote, ready to be answered. */
export function quote(text: HTMLTextAreaElement, passage: string): void {
  text.value = `${text.value}${text.value && !text.value.endsWith('\n') ? '\n\n' : ''}${lines(passage, '> ')}\n\n`
  text.setSelectionRange(text.value.length, text.value.length)
  text.dispatchEvent(new Event('input'))
}
