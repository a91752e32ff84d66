import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // AskDialog
  cancel: 'Abbrechen',

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

  // PostTabs
  allPosts: 'Alle Beiträge',
  aroundPosts: 'Rund um Beiträge',

  // WidthChoice
  phone: 'Telefon',
  tablet: 'Tablet',
  desktop: 'Bildschirm',

  // dates
  justNow: 'gerade eben',

  // decided
  markedSpam: 'Als Spam markiert',
  movedBackWaiting: 'Zurück unter Wartet',
  deleted: 'Gelöscht',

  // TermHelp
  whatTermMeans: 'Was „{term}“ heißt',
  slugTerm: 'Slug',
  slugMeans: 'Der letzte Teil der Adresse eines Beitrags.',
  canonicalTerm: 'Kanonische Adresse',
  canonicalMeans: 'Die Adresse, die Suchmaschinen zählen sollen, wenn ein Text an mehreren steht.',
  altTextTerm: 'Beschreibung (Alternativtext)',
  altTextMeans: 'Was ein Bild zeigt, für alle, die es nicht sehen.',
  excerptTerm: 'Auszug',
  excerptMeans: 'Eine kurze Zusammenfassung; ohne sie wird der Anfang des Textes verwendet.',
  hubTerm: 'Hub',
  hubMeans: 'Ein Dienst, der Feed-Readern eine Änderung sofort meldet (WebSub).',
  socialPreviewTerm: 'Social-Vorschau',
  socialPreviewMeans: 'Die Karte, die ein Netzwerk zeigt, wo Ihr Beitrag verlinkt ist.',
  segmentTerm: 'Segment',
  segmentMeans: 'Abonnenten, die etwas gemeinsam haben.',
  spamScoreTerm: 'Spam-Wert',
  spamScoreMeans: 'Wie sehr ein Kommentar nach Spam aussieht, von 0 bis 100 %.',
  mentionTerm: 'Erwähnung',
  mentionMeans:
    'Eine Seite einer anderen Website, die auf Ihren Beitrag verlinkt und es uns gemeldet hat (Webmention, Pingback, Trackback).',
  threadTerm: 'Thread',
  threadMeans: 'Die Kommentare einer Seite.',
  snippetTerm: 'Code',
  snippetMeans: 'Der Code, den Sie in eine Seite einfügen.',

  // WhenText
  notYet: 'noch nicht',

  // SpanChoice, WidthChoice
  period: 'Zeitraum',
  width: 'Breite',

  // DefaultLine
  defaultFromFrom: 'Vorgabe von {from}',
  default: 'Vorgabe',
  useDefaultLabel: '{label}: Vorgabe verwenden',
  changeLabel: '{label}: ändern',
  useDefault: 'Vorgabe verwenden',
  change: 'Ändern',

  // NumberLine
  wholeNumberFromTo: 'Eine ganze Zahl von {min} bis {max} eingeben.',
}

export default de
