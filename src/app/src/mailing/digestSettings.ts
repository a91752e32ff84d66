import type { Schemas } from '../api'

/** The settings of a digest, each with a value. */
export type WholeSettings = Required<Schemas['DigestSettings']> & {
  rhythm: Required<Schemas['DigestRhythm']>
  colours: Required<Schemas['DigestColours']>
}

const defaults = (): WholeSettings => ({
  rhythm: { every: 'week', at: '09:00:00', day: 'friday', dayOfMonth: 1 },
  choice: { blogs: [], categories: [], tags: [], authors: [], featuredOnly: false },
  form: 'pictures',
  subject: '{title}{if more} and {more} more{end}',
  secondSubject: null,
  trialShare: 50,
  least: 1,
  most: 8,
  order: 'newest',
  opening: '',
  closing: '',
  colours: { paper: null, ink: null, accent: null, headings: null, type: null },
  countsClicks: true,
  countsOpens: false,
  withFollowed: null,
  withBroughtIn: null,
})

/** The settings of a digest with the defaults for what it does not say. */
export function wholeSettings(digest?: Schemas['DigestSettings']): WholeSettings {
  const known = JSON.parse(JSON.stringify(digest ?? {})) as Partial<WholeSettings>
  return {
    ...defaults(),
    ...known,
    rhythm: { ...defaults().rhythm, ...known.rhythm },
    colours: { ...defaults().colours, ...known.colours },
  }
}
