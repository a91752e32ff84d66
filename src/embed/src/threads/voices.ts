import { keep, kept } from './device'
import { speak } from './speak'

const keyOf = (form: HTMLFormElement) => form.querySelector<HTMLInputElement>('[name=comment]')!.value

/** Shows how this device voted and reacted. */
export function markVoices(within: ParentNode): void {
  const mine = kept()
  within.querySelectorAll<HTMLFormElement>('form[action$="/voice"]').forEach((form) => {
    const key = keyOf(form)
    form
      .querySelectorAll<HTMLButtonElement>('[name=vote]')
      .forEach((button) => press(button, mine.votes[key] === button.value))
    form
      .querySelectorAll<HTMLButtonElement>('[name=react]')
      .forEach((button) => press(button, mine.reactions.includes(reactionOf(form, button))))
  })
}

// What a thread is about has no key of its own; its identifier stands for it.
const reactionOf = (form: HTMLFormElement, button: HTMLButtonElement) =>
  `${keyOf(form) || form.querySelector<HTMLInputElement>('[name=id]')!.value} ${button.value}`
const press = (button: HTMLButtonElement, isOn: boolean) => button.setAttribute('aria-pressed', String(isOn))

/** Sends a vote, a reaction or a report without leaving the page. */
export function hear(form: HTMLFormElement, button: HTMLButtonElement | null): Promise<void> {
  if (button?.name === 'vote') return vote(form, button.value as 'up' | 'down')
  if (button?.name === 'react') return react(form, button)
  return report(form)
}

/** A second click on the same vote takes it back. */
async function vote(form: HTMLFormElement, value: 'up' | 'down'): Promise<void> {
  const key = keyOf(form)
  const isBack = keep().votes[key] === value
  const answer = await speak<{ up: number; down: number }>(form.action, new FormData(form), {
    vote: isBack ? 'none' : value,
  }).catch(() => null)
  if (!answer?.ok) return
  keep((mine) => {
    if (isBack) delete mine.votes[key]
    else mine.votes[key] = value
  })
  markVoices(form.parentNode!)
  for (const name of ['up', 'down'] as const) count(form.querySelector(`[value=${name}]`), answer.said[name])
}

async function react(form: HTMLFormElement, button: HTMLButtonElement): Promise<void> {
  const answer = await speak<{ count: number }>(form.action, new FormData(form), { react: button.value }).catch(
    () => null,
  )
  if (!answer?.ok) return
  const name = reactionOf(form, button)
  keep(
    (mine) =>
      (mine.reactions = mine.reactions.includes(name)
        ? mine.reactions.filter((one) => one !== name)
        : [...mine.reactions, name].slice(-200)),
  )
  markVoices(form.parentNode!)
  count(button, answer.said.count)
}

function count(button: Element | null, number: number): void {
  const shown = button?.querySelector('span')
  if (!button || !shown) return
  shown.textContent = String(number)
  button.setAttribute('aria-label', (button.getAttribute('aria-label') ?? '').replace(/\d+$/, String(number)))
}

async function report(form: HTMLFormElement): Promise<void> {
  const answer = await speak<{ message: string }>(form.action, new FormData(form), {}).catch(() => null)
  if (!answer?.ok) return
  const thanks = document.createElement('p')
  thanks.setAttribute('role', 'status')
  thanks.textContent = answer.said.message
  form.replaceWith(thanks)
}
