import { keep, kept } from './device'
import { speak } from './speak'

const keyOf = (form: HTMLFormElement) => form.querySelector<HTMLInputElement>('[name=comment]')!.value

/** Shows how this device voted and reacted. */
export function markVoices(within: ParentNode): void {
  const mine = kept()
  within.querySelectorAll<HTMLFormElement>('form[action$="/voice"]').forEach((form) => {
    const key = keyOf(form)
    votesOf(form).forEach((button) => press(button, mine.votes[key] === button.value))
    form
      .querySelectorAll<HTMLButtonElement>('[name=react]')
      .forEach((button) => press(button, mine.reactions.includes(reactionOf(form, button))))
  })
}

// Agreeing and disagreeing stand apart, in one form all the same.
const votesOf = (form: HTMLFormElement) =>
  [...form.elements].filter((one): one is HTMLButtonElement => one instanceof HTMLButtonElement && one.name === 'vote')
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
  for (const button of votesOf(form)) count(button, answer.said[button.value as 'up' | 'down'])
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
  summarize(form)
}

/** What stands on the closed list of reactions: those given, and how many. */
function summarize(form: HTMLFormElement): void {
  const summary = form.querySelector('.antiphon-react summary')
  if (!summary) return
  const given = [...form.querySelectorAll<HTMLButtonElement>('[name=react]')]
    .map((button) => ({ sign: button.value, count: Number(button.querySelector('span')?.textContent) }))
    .filter((one) => one.count > 0)
  const [signs, total] = [given.map((one) => one.sign).join(''), given.reduce((sum, one) => sum + one.count, 0)]
  summary.innerHTML = '<span></span> <b></b>'
  summary.querySelector('span')!.textContent = signs || '☺'
  summary.querySelector('b')!.textContent = total ? String(total) : ''
  summary.setAttribute('aria-label', (summary.getAttribute('aria-label') ?? '').replace(/\d+$/, String(total)))
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
