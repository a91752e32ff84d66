import { wholeLook, type WholeLook } from './styles/wholeLook'
import type { Schemas } from '../api'

/** A definition with every part there; the API lets older ones leave out what came later. */
export type WholeDefinition = Required<Omit<Schemas['ListingDefinition'], 'look' | 'form' | 'filter'>> & {
  look: WholeLook
  form: Required<Schemas['EntryForm']>
  filter: Required<Schemas['PostFilter']>
}

const form: Required<Schemas['EntryForm']> = {
  columns: 3,
  pictureSide: 'start',
  ratio: 'fourToThree',
  titleLength: null,
  excerptWords: 30,
  separator: ' · ',
  bylineAbove: false,
  readMore: null,
  tags: false,
  source: false,
  readingTime: false,
  share: false,
  comments: false,
  datePattern: null,
  standInPicture: false,
  picturePlace: 'byLayout',
  parts: [],
  fields: [],
  excerptSource: 'ownOrText',
  excerptCharacters: null,
  excerptAtSentence: false,
}

const nothing = (): Schemas['TermFilter'] => ({ any: [], all: [], none: [] })

const everything = (): Required<Schemas['PostFilter']> => ({
  categories: nothing(),
  tags: nothing(),
  authors: [],
  featuredOnly: false,
  maxAgeDays: null,
  withPictureOnly: false,
  titleWords: null,
  fields: [],
})

/** Fills in what a definition leaves out, with the server's own defaults. */
export function wholeDefinition(definition: Schemas['ListingDefinition']): WholeDefinition {
  return {
    mostPerBlog: null,
    pinned: [],
    arranged: [],
    newPosts: 'onTop',
    leaveOutCurrent: false,
    paging: 'none',
    moveSeconds: null,
    frame: {
      headingLevel: 2,
      headingLink: null,
      introduction: null,
      closingText: null,
      closingLink: null,
      feedLink: false,
    },
    leads: 'ownPage',
    ...definition,
    form: { ...form, ...definition.form },
    filter: { ...everything(), ...definition.filter },
    look: wholeLook(definition.look),
  }
}
