import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // CopyButton
  copy: 'Kopieren',
  copied: 'Kopiert',

  // ArrangeList
  dragAltArrowKeys: 'Ziehen, oder Alt mit den Pfeiltasten',

  // MoveButtons
  moveUpName: 'Nach oben: {name}',
  moveDownName: 'Nach unten: {name}',

  // NumberLine
  labelOneFewer: '{label}: eins weniger',
  labelOneMore: '{label}: eins mehr',

  // marks
  failed: 'Fehlgeschlagen',
  scheduled: 'Geplant',
  live: 'Erschienen',
  notIncluded: 'Nicht aufgenommen',
  outDate: 'Veraltet',
  replies: 'Antworten',

  // PageFrame
  loadingPreview: 'Vorschau wird geladen …',

  // ChoiceFields
  blogs: 'Blogs',
  allBlogsWrittenHere: 'Alle hier geschriebenen Blogs',
  featuredPostsOnly: 'Nur hervorgehobene Beiträge',

  // useChangeOfPosts
  postsBeforeWereChanged:
    '{posts, plural, one {# Beitrag ist} other {# Beiträge sind}} wie zuvor. {were, plural, one {# wurde} other {# wurden}} seither geändert und blieb so.',
  postsBefore: '{posts, plural, one {# Beitrag ist} other {# Beiträge sind}} wie zuvor.',

  // ChannelTabs
  timeline: 'Zeitleiste',
  trafficSources: 'Besuchsquellen',
  manageChannels: 'Kanäle verwalten',

  // PostTabs
  allPosts: 'Alle Beiträge',
  calendar: 'Kalender',
  pictures: 'Bilder',
  categoriesTagsAuthors: 'Kategorien, Schlagwörter, Autoren',
  blogPages: 'Blogseiten',
  aroundPosts: 'Rund um Beiträge',

  // WidthChips
  phone: 'Telefon',
  tablet: 'Tablet',
  desktop: 'Bildschirm',

  // dates
  justNow: 'gerade eben',

  // decided
  markedSpam: 'Als Spam markiert',
  movedBackWaiting: 'Zurück unter Wartet',
  deleted: 'Gelöscht',

  // WhenText
  notYet: 'noch nicht',
}

export default de
