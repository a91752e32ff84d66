import type { Schemas } from '../../api'

/** A post as the editor holds it. */
export type Draft = Required<Schemas['PostRequest']> & {
  tags: string[]
  moreCategories: string[]
  details: Schemas['PostDetails']
  ownValues: Schemas['FieldValue'][]
}

const noDetails = (): Schemas['PostDetails'] => ({
  searchTitle: null,
  searchDescription: null,
  canonicalAddress: null,
  socialTitle: null,
  socialText: null,
  language: null,
  hiddenFromSearch: false,
  commentsOff: false,
  commentsCloseAt: null,
  mentionsOff: false,
  socialPicture: null,
  listingPicture: null,
})

/** A post nothing is written in yet. */
export const blank = (): Draft => ({
  blogId: 0,
  title: '',
  slug: null,
  bodyHtml: '',
  excerpt: null,
  pictureAddress: null,
  pictureAlt: null,
  author: null,
  category: null,
  tags: [],
  isFeatured: false,
  status: 'draft',
  revision: 0,
  focusX: 50,
  focusY: 50,
  aboutAddress: null,
  isPinned: false,
  details: noDetails(),
  ownValues: [],
  publishedAt: null,
  publishLocal: null,
  reviewerId: null,
  reviewNote: null,
  moreCategories: [],
})
