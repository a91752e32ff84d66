import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // CandidateCard
  formatEntriesNewest: '{format} · {entries, plural, one {# Eintrag} other {# Einträge}} · neuester {when}',
  untitledFeed: 'Feed ohne Titel',
  whyFeedReason: 'Warum dieser Feed: {reason}.',
  followFeed: 'Diesem Feed folgen',
  errorsWarningsReadableEntries:
    '{errors, plural, one {# Fehler} other {# Fehler}}, {warnings, plural, one {# Warnung} other {# Warnungen}}. Die lesbaren Einträge werden übernommen.',

  // ConnectView
  nameReadyWritten: '„{name}“ ist bereit: Sie können schreiben.',
  followExistingBlogStart: 'Folgen Sie einem bestehenden Blog, oder beginnen Sie hier einen neuen.',
  iHaveBlog: 'Ich habe einen Blog',
  startNewBlog: 'Neuen Blog beginnen',
  blogPostFeedAddress: 'Adresse von Blog, Beitrag oder Feed',
  findFeed: 'Feed suchen',
  lookingFeedsAddress: 'Unter dieser Adresse wird nach Feeds gesucht …',
  feedsFound: 'Gefundene Feeds',
  oneFeedFound: 'Ein Feed gefunden',
  candidatesFeedsFoundBest: '{candidates} Feeds gefunden, der passendste zuerst',
  nameConnected: '„{name}“ ist verbunden',
  postsImportedNewPosts:
    '{posts, plural, one {# Beitrag} other {# Beiträge}} importiert. Neue Beiträge kommen von selbst dazu.',
  createListing: 'Liste erstellen',
  goCoverage: 'Zur Verbreitung',
  nameBlog: 'Name des Blogs',
  createBlog: 'Blog anlegen',

  howConnectingGoes:
    'Wir suchen den Feed des Blogs und zeigen, was darin steht; Sie wählen. Auf Ihren Seiten erscheint nichts, bevor Sie eine Liste anlegen.',

  withoutFeedEither:
    'Einer Seite ohne Feed lässt sich nicht folgen. Sie können ihre Beiträge einmal importieren oder das Blog ab jetzt hier schreiben.',
  importPostsOfPage: 'Ihre Beiträge importieren',
  writeItHere: 'Hier schreiben',

  // BlogList
  blogsOfSite: 'Blogs dieser Website',
  noBlogHereYet: 'Noch kein Blog. Verbinden Sie oben eines, oder beginnen Sie hier ein neues.',
  followed: 'Gefolgt',
  writtenHere: 'Hier geschrieben',
  countPosts: '{posts, plural, one {# Beitrag} other {# Beiträge}}',
  rename: 'Umbenennen',
  disconnect: 'Trennen',

  // BlogDialog
  renameBlog: 'Blog umbenennen',
  nameSaved: '„{name}“ wurde gespeichert.',
  cancel: 'Abbrechen',

  // DisconnectDialog
  disconnectName: '„{name}“ trennen',
  stopFollowing: 'Nicht mehr folgen',
  postsStayNoNewOnes:
    '{posts, plural, one {# Beitrag bleibt und lässt} other {# Beiträge bleiben und lassen}} sich hier bearbeiten. Neue kommen nicht dazu.',
  removeBlogPosts: 'Das Blog mit seinen Beiträgen entfernen',
  postsLeaveEverything:
    '{posts, plural, one {# Beitrag verschwindet} other {# Beiträge verschwinden}} aus Listen, Feeds und Seiten. 30 Tage lang lässt sich alles wiederherstellen.',
  listingsShowIt:
    '{listings, plural, one {Diese Liste zeigt es: {names}.} other {# Listen zeigen es: {names}.}} Die anderen Beiträge darin bleiben.',
  removeBlog: 'Blog entfernen',
  nameNoLongerFollowed: '„{name}“ wird nicht mehr gefolgt.',
  nameRemoved: '„{name}“ wurde entfernt.',

  // RemovedBlogs
  removedBlogs: 'Entfernte Blogs',
  removed: 'entfernt',
  restore: 'Wiederherstellen',
  nameRestored: '„{name}“ ist wieder da.',
  removedBlogsStay: 'Entfernte Blogs werden nach 30 Tagen endgültig gelöscht.',

  // PageAddress
  connectedLastChecked: 'Verbunden, zuletzt geprüft {when}.',
  webAddress: 'Webadresse',
  customDomain: 'Eigene Domain',
  pointHostnameServerCname:
    'Lassen Sie {hostName} auf diesen Server zeigen: mit einem CNAME-Eintrag für {server} oder so, wie Ihr Anbieter es verlangt. Alte Adressen gelten weiter.',
  checkDns: 'DNS prüfen',
  metaDescription: 'Meta-Beschreibung',
  sitemap: 'Sitemap:',
  copySitemapsAddress: 'Adresse der Sitemap kopieren',

  // PageColours
  ownCustomised: '{own} angepasst',
  default: 'Standard',
  coloursFonts: 'Farben und Schriften',
  matchMySite: 'Wie meine Website',
  matchVisitorsSetting: 'Wie beim Besucher eingestellt',
  bodyFont: 'Schrift des Textes',
  bodySizePx: 'Schriftgröße des Textes (px)',
  headingFont: 'Schrift der Überschriften',
  headingSizePx: 'Schriftgröße der Überschriften (px)',

  // PageSetting
  readingTime: 'Lesezeit',
  measureEmWideCentred: '{measure} em breit, zentriert',
  measureEmWideLeft: '{measure} em breit, linksbündig',
  layoutSpacing: 'Aufbau und Abstände',
  textWidth: 'Textbreite',
  emFontSize: 'em (× Schriftgröße)',
  spacing: 'Abstände',
  compact: 'Eng',
  standard: 'Normal',
  spacious: 'Weit',
  centreTitle: 'Titel zentrieren',
  showTableContentsLonger: 'Inhaltsverzeichnis in längeren Beiträgen zeigen',
  showAuthorBoxEnd: 'Autorenkasten am Ende zeigen',
  bylinePosition: 'Platz der Autorenzeile',
  partsByline: 'Teile der Autorenzeile',
  aboveTitle: 'Über dem Titel',
  belowTitle: 'Unter dem Titel',
  atTheEnd: 'Am Ende',

  // PagesView
  savedPagesUseStyle: 'Gespeichert. Die Seiten haben jetzt diesen Stil.',
  blogPages: 'Blogseiten',
  notPublishedYet: 'Noch nicht veröffentlicht.',
  readersSeeThem: 'So sehen sie die Leser.',
  openPages: 'Seiten öffnen',
  publishChanges: 'Änderungen veröffentlichen',
  noBlogYet: 'Noch kein Blog',
  blogPagesPostsWritten:
    'Blogseiten sind für Beiträge, die hier geschrieben oder importiert werden. Beginnen Sie einen Blog, und seine Seiten sind sofort da.',
  startBlog: 'Blog beginnen',
  pageLook: 'Die Seite in diesem Stil',
  whichPage: 'Welche Seite',
  postPage: 'Beitragsseite',
  blogIndex: 'Startseite des Blogs',
}

export default de
