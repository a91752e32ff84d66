import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // BoardTable
  fromBlognameFollowed: 'aus {blogName} (gefolgt)',
  post: 'Beitrag',

  // ChannelFoot
  itsWayName: 'Unterwegs zu {name}.',
  openDelivery: 'Zustellung öffnen',
  sendNow: 'Jetzt senden',

  // CoverageView
  posts2: '{totalPosts, plural, one {# Beitrag} other {# Beiträge}}',
  destinations: '{places, plural, one {# Ziel} other {# Ziele}}',
  startPostsNeedAttention: '{start} {off, plural, one {# Beitrag braucht} other {# Beiträge brauchen}} Aufmerksamkeit.',
  startPostsPending: '{start} {due, plural, one {# Beitrag steht} other {# Beiträge stehen}} noch aus.',
  startAllPostsUp: '{start} Alle Beiträge sind auf dem neuesten Stand.',
  needsAttentionOff: 'Braucht Aufmerksamkeit · {off}',
  scheduledDue: 'Geplant · {due}',
  coverage: 'Verbreitung',
  nothingShowYet: 'Noch nichts zu sehen',
  connectBlogHaveWrite:
    'Verbinden Sie Ihren Blog, oder schreiben Sie hier einen ersten Beitrag. Diese Tafel zeigt dann, wo jeder Beitrag erscheint und warum er anderswo fehlt.',
  nothingDo: 'Nichts zu tun.',

  // ReasonPanel
  notIn: 'Nicht in',
  in: 'In',
  markIn: '{mark} in',
  stateName: '{state} „{name}“',
  onHomePage: '{words} auf der Startseite',
  onPage: '{words} auf {where}',
  lastSeenOnPage: 'Auf ihrer Seite zuletzt gesehen {when}.',
  details: 'Einzelheiten',
  checkPage: 'Seite prüfen',
  openComments: 'Kommentare öffnen',
  listingHasNotBeen: 'Diese Liste wurde noch auf keiner Seite gefunden.',
  openListing: 'Liste öffnen',
  openChannelTimeline: 'Zeitleiste des Kanals öffnen',
  openDeliveries: 'Zustellungen öffnen',
  openFeed: 'Feed öffnen',
  openPage: 'Seite öffnen',
  viewPost: 'Beitrag ansehen',

  // useRemedy
  retryingCountEmails: '{count} E-Mails werden noch einmal versucht.',
  retryFailed: 'Fehlgeschlagene wiederholen',
  turnComments: 'Kommentare einschalten',
  commentsOpenPost: 'Bei diesem Beitrag kann kommentiert werden.',
  featurePost: 'Beitrag hervorheben',
  postFeaturedNow: 'Der Beitrag ist jetzt hervorgehoben.',
  increasePositionPosts: 'Auf {position} Beiträge erhöhen',
  nameShowsPositionNow: '„{name}“ zeigt jetzt {position}.',
  addBlogname: '„{blogName}“ hinzunehmen',
  nameNowIncludesPosts: '„{name}“ nimmt jetzt auch Beiträge aus {blogName}.',
  chooseCategoryToo: 'Auch „{category}“ nehmen',
  nameTakesCategoryToo: '„{name}“ nimmt jetzt auch {category}.',

  // WhereView
  destinations2: 'Ziele',
  liveInplaceDestinations: 'Erschienen an {inPlace} von {rows, plural, one {# Ziel} other {# Zielen}}.',
  editPost: 'Beitrag bearbeiten',
  openName: '{name} öffnen',
  open: 'Öffnen',

  // CoverageView
  filter: 'Filter',
  allBlogs: 'Alle Blogs',
}

export default de
