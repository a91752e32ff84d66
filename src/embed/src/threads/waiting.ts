import { keep, kept, type Waiting } from './device'
import { element, ownRow } from './own'
import { speak } from './speak'

/** Shows what this device wrote here and nobody else sees yet, as long as that is so. */
export async function showWaiting(
  root: ShadowRoot,
  form: HTMLElement | null,
  thread: string,
  reload: () => void,
): Promise<void> {
  const action = form?.dataset.own
  if (!action) return
  for (const [key, one] of Object.entries(kept().waiting)) {
    if (one.thread !== thread) continue
    const isShown = !!root.getElementById(`comment-${key}`)
    const answer = isShown
      ? null
      : await speak<{ isPublic: boolean }>(action, null, { comment: key, act: 'look' }).catch(() => null)
    if (isShown || (answer && (!answer.ok || answer.said.isPublic))) keep((what) => delete what.waiting[key])
    else if (answer) drawWaiting(form, key, one, reload)
  }
}

/** Puts a waiting comment before the form, with what its writer can do with it. */
export function drawWaiting(form: HTMLElement, key: string, one: Waiting, reload: () => void): HTMLElement {
  const id = `waits-${key}`
  const old = (form.getRootNode() as ShadowRoot).getElementById(id)
  if (old) return old
  const item = element('article', 'antiphon-waits')
  item.id = id
  item.tabIndex = -1
  item.setAttribute('part', 'waits')
  const head = element('p', 'antiphon-writer')
  const name = document.createElement('strong')
  name.textContent = one.name
  const mark = document.createElement('em')
  mark.textContent = form.dataset.waits!
  head.append(name, mark)
  const said = element('div', 'antiphon-said')
  const told = element('p', 'antiphon-thanks')
  told.setAttribute('part', 'thanks')
  told.setAttribute('role', 'status')
  told.textContent = one.message
  item.append(head, said, told)
  const fill = () => void shownAs(form, kept().mine[key] ?? '', said)
  ownRow(
    item,
    key,
    form,
    () => (fill(), true),
    () => {
      keep((what) => delete what.waiting[key])
      reload()
    },
  )
  form.before(item)
  fill()
  return item
}

// Written out by the server, as it will be when it is public.
async function shownAs(form: HTMLElement, text: string, place: HTMLElement): Promise<void> {
  place.textContent = text
  const body = new URLSearchParams({ text })
  const address = `${(form as HTMLFormElement).action}/preview`
  const answer = await fetch(address, { method: 'POST', body, credentials: 'omit' }).catch(() => null)
  if (answer?.ok) place.innerHTML = await answer.text()
}
