import { keep, kept } from './device'
import { speak } from './speak'

/** Told that a text was changed, and whether it is public; gives whether the form has done its work. */
type Changed = (isPublic: boolean) => boolean

interface Said {
  message: string
  isPublic: boolean
}

/** Offers the writer, on the device a comment was written on, to change it and to take it back. */
export function offerOwn(within: ParentNode, form: HTMLElement | null, reload: () => void): void {
  if (!form?.dataset.edit) return
  const mine = kept().mine
  within.querySelectorAll<HTMLElement>('.antiphon-comment').forEach((item) => {
    const key = item.id.replace('comment-', '')
    if (key in mine && !item.querySelector('.antiphon-own'))
      ownRow(
        item.querySelector<HTMLElement>('.antiphon-what') ?? item,
        key,
        form,
        (isPublic) => (isPublic && reload(), false),
        reload,
      )
  })
}

/** The two buttons of one's own comment. */
export function ownRow(item: HTMLElement, key: string, form: HTMLElement, changed: Changed, gone: () => void): void {
  const words = form.dataset
  const row = element('p', 'antiphon-own')
  row.append(
    button(words.edit!, () => edit(item, key, words, changed)),
    button(words.withdraw!, () => {
      if (confirm(words.sure))
        void send(words.own!, { comment: key, act: 'withdraw' }, row).then((isDone) => {
          if (!isDone) return
          keep((what) => delete what.mine[key])
          gone()
        })
    }),
  )
  item.append(row)
}

function edit(item: HTMLElement, key: string, words: DOMStringMap, changed: Changed): void {
  item.querySelector('.antiphon-own-form')?.remove()
  const form = element('form', 'antiphon-own-form') as HTMLFormElement
  const text = document.createElement('textarea')
  text.value = kept().mine[key] ?? ''
  text.setAttribute('aria-label', words.edit!)
  const acts = element('p', 'antiphon-own')
  const save = document.createElement('button')
  save.textContent = words.save!
  acts.append(
    save,
    button(words.leaveIt!, () => form.remove()),
  )
  form.append(text, acts)
  form.addEventListener('submit', (event) => {
    event.preventDefault()
    event.stopPropagation()
    void send(words.own!, { comment: key, act: 'edit', text: text.value }, form).then((isDone) => {
      if (isDone === null) return
      keep((what) => (what.mine[key] = text.value))
      if (changed(isDone)) form.remove()
    })
  })
  item.append(form)
  text.focus()
}

/** True when it is public at once, false when somebody looks at it first, null when it was refused; then it says why. */
async function send(action: string, more: Record<string, string>, place: HTMLElement): Promise<boolean | null> {
  const answer = await speak<Said>(action, null, more).catch(() => null)
  if (answer?.ok && answer.said.isPublic) return true
  place.querySelector('[role=status]')?.remove()
  const told = element('span', answer?.ok ? '' : 'antiphon-problem')
  told.setAttribute('role', 'status')
  told.textContent = answer
    ? (answer.said.message ?? Object.values(answer.said.errors ?? {})[0]?.[0] ?? answer.said.title ?? '')
    : ''
  place.append(told)
  return answer?.ok ? false : null
}

/** An element with a class of ours. */
export function element(name: string, className: string): HTMLElement {
  const made = document.createElement(name)
  made.className = className
  return made
}

function button(words: string, act: () => void): HTMLButtonElement {
  const made = document.createElement('button')
  made.type = 'button'
  made.textContent = words
  made.addEventListener('click', act)
  return made
}
