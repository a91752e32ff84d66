const store = 'antiphon'

interface Kept {
  device: string
  votes: Record<string, 'up' | 'down'>
}

/** What this device calls itself, and how it voted; made anew where nothing can be stored. */
function kept(): Kept {
  try {
    const found = JSON.parse(localStorage.getItem(store) ?? 'null') as Kept | null
    if (found?.device) return found
  } catch {
    // Nothing can be stored here; the vote counts all the same.
  }
  return { device: crypto.getRandomValues(new Uint32Array(4)).join('-'), votes: {} }
}

function keep(what: Kept): void {
  try {
    localStorage.setItem(store, JSON.stringify(what))
  } catch {
    // As above.
  }
}

/** Sends votes and reports without leaving the page, and shows how this device voted. */
export function hearVoices(root: ShadowRoot): void {
  root.querySelectorAll<HTMLFormElement>('form[action$="/voice"]').forEach((form) => {
    mark(form, kept())
    form.addEventListener('submit', (event) => {
      event.preventDefault()
      const button = event.submitter as HTMLButtonElement | null
      void (button?.name === 'vote' ? vote(form, button.value as 'up' | 'down') : report(form))
    })
  })
}

const keyOf = (form: HTMLFormElement) => form.querySelector<HTMLInputElement>('[name=comment]')!.value

async function speak(form: HTMLFormElement, more: Record<string, string>): Promise<unknown> {
  const body = new URLSearchParams(more)
  new FormData(form).forEach((value, name) => body.append(name, String(value)))
  body.set('device', kept().device)
  const answer = await fetch(form.action, { method: 'POST', body, headers: { Accept: 'application/json' }, credentials: 'omit' })
  return answer.ok ? await answer.json() : null
}

/** A second click on the same vote takes it back. */
async function vote(form: HTMLFormElement, value: 'up' | 'down'): Promise<void> {
  const mine = kept()
  const isBack = mine.votes[keyOf(form)] === value
  keep(mine)
  const votes = (await speak(form, { vote: isBack ? 'none' : value }).catch(() => null)) as { up: number; down: number } | null
  if (!votes) return
  if (isBack) delete mine.votes[keyOf(form)]
  else mine.votes[keyOf(form)] = value
  keep(mine)
  mark(form, mine)
  for (const name of ['up', 'down'] as const) {
    const button = form.querySelector(`[value=${name}]`)
    const count = button?.querySelector('span')
    if (!button || !count) continue
    count.textContent = String(votes[name])
    button.setAttribute('aria-label', (button.getAttribute('aria-label') ?? '').replace(/\d+$/, String(votes[name])))
  }
}

function mark(form: HTMLFormElement, mine: Kept): void {
  form
    .querySelectorAll<HTMLButtonElement>('[name=vote]')
    .forEach((button) => button.setAttribute('aria-pressed', String(mine.votes[keyOf(form)] === button.value)))
}

async function report(form: HTMLFormElement): Promise<void> {
  const mine = kept()
  keep(mine)
  const said = (await speak(form, {}).catch(() => null)) as { message: string } | null
  if (!said) return
  const thanks = document.createElement('p')
  thanks.setAttribute('role', 'status')
  thanks.textContent = said.message
  form.replaceWith(thanks)
}
