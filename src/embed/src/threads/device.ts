const store = 'antiphon'
const mostKept = 60

/** A comment nobody but its writer sees yet. */
export interface Waiting {
  thread: string
  name: string
  message: string
}

/** What stays on the reader's device: what it calls itself, how it voted and reacted, what was written on it, and the name given. */
export interface Kept {
  device: string
  votes: Record<string, 'up' | 'down'>
  reactions: string[]
  mine: Record<string, string>
  waiting: Record<string, Waiting>
  name: string
  mail: string
}

/** What is kept; made anew where nothing can be stored. */
export function kept(): Kept {
  const fresh: Kept = {
    device: crypto.getRandomValues(new Uint32Array(4)).join('-'),
    votes: {},
    reactions: [],
    mine: {},
    waiting: {},
    name: '',
    mail: '',
  }
  try {
    return { ...fresh, ...(JSON.parse(localStorage.getItem(store) ?? '{}') as Partial<Kept>) }
  } catch {
    // Nothing can be stored here; everything works all the same, until the page is left.
    return fresh
  }
}

/** Changes what is kept, and gives it. */
export function keep(change: (what: Kept) => void = () => undefined): Kept {
  const what = kept()
  change(what)
  what.waiting = Object.fromEntries(Object.entries(what.waiting).slice(-mostKept))
  what.mine = Object.fromEntries(Object.entries(what.mine).slice(-mostKept))
  try {
    localStorage.setItem(store, JSON.stringify(what))
  } catch {
    // As above.
  }
  return what
}
