import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // AskFeed
  feedAddress: 'Adresse des Feeds',
  checkFeed: 'Feed prüfen',
  pasteUpload: 'Einfügen oder hochladen',
  feedSource: 'Quelltext des Feeds',
  checkSource: 'Quelltext prüfen',
  uploadFile: 'Datei hochladen',
  checking: 'Wird geprüft …',

  // CheckView
  readerView: 'Leseransicht',
  correctedFeed: 'Korrigierter Feed',
  convert: 'Umwandeln',
  entries: '{items, plural, one {# Eintrag} other {# Einträge}}',
  errors: '{errors, plural, one {# Fehler} other {# Fehler}}',
  warnings: '{warnings, plural, one {# Warnung} other {# Warnungen}}',
  suggestions: '{suggestions, plural, one {# Vorschlag} other {# Vorschläge}}',
  pastedText: 'eingefügter Text',
  bytesBytes: '{bytes, number} Bytes',
  checkFeed2: 'Feed prüfen',
  checkAnyFeedBy: 'Prüfen Sie einen beliebigen Feed: per Adresse, Text oder Datei.',
  checkAnother: 'Einen anderen prüfen',
  checkAgain: 'Noch einmal prüfen',
  hideTolerated: 'Ausblenden, womit Feed-Reader zurechtkommen ({count})',
  isRepaired: 'Im korrigierten Feed behoben',
  noProblemsFound: 'Keine Probleme gefunden.',
  readersCope: 'Die meisten Feed-Reader kommen damit zurecht',

  // EntryForms
  asEmail: 'Als E-Mail',
  plainTextEmail: 'Als E-Mail, nur Text',
  readAloud: 'Vorgelesen',
  previewAs: 'Vorschau als',
  entryEmail: 'Der Eintrag als E-Mail',
  screenReaderOutput: 'Wie ein Screenreader vorliest',

  // FeedsView
  publishedFeeds: '{feeds, plural, one {# veröffentlichter Feed} other {# veröffentlichte Feeds}}',
  dataFollowed: '{feeds} gefolgt',
  dataMonitored: '{feeds} überwacht',
  followedFeedsFailing: '{troubled, plural, one {# gefolgter Feed ist} other {# gefolgte Feeds sind}} gestört',
  monitoredFeedsHaveErrors: '{bad, plural, one {# überwachter Feed hat} other {# überwachte Feeds haben}} Fehler',
  ourFeeds: 'Unsere Feeds',
  partnerFeeds: 'Feeds für Partner',
  followedFeeds: 'Gefolgte Feeds',
  monitoredFeeds: 'Überwachte Feeds',
  followFeed: 'Einem Feed folgen',

  // FindingList
  errors2: 'Fehler',
  warnings2: 'Warnungen',
  suggestions2: 'Vorschläge',
  entireFeed: 'ganzer Feed',
  allOccurrences: 'Alle Stellen',

  // FollowedPart
  newentriesNewFromName: '{newEntries} neu von „{name}“.',
  nothingNewFromName: 'Nichts Neues von „{name}“.',
  namePausedItsPosts: '„{name}“ angehalten. Seine Beiträge bleiben.',
  nameResumed: '„{name}“ fortgesetzt.',
  readingFeeds: 'Feeds werden geladen …',
  noFeedFollowedYet: 'Noch keinem Feed wird gefolgt',
  followExistingBlogEnter:
    'Folgen Sie einem bestehenden Blog: Geben Sie eine seiner Adressen ein, und seine Beiträge erscheinen hier und in Ihren Listen. Oder importieren Sie eine OPML-Datei aus einem Feedreader.',

  // FollowedRow
  lastNext: 'Zuletzt {last}, nächster {next}',
  lastNextEvery: 'Zuletzt {last}, nächster {next}, {every}',
  lastFetched: 'Zuletzt abgerufen {last}; nicht geplant',
  removedByPublisher410: 'Vom Herausgeber entfernt (410)',
  failing: 'Gestört',
  readableErrors: 'Lesbar, mit Fehlern',
  ok: 'In Ordnung',
  fetchingNow: 'Wird gerade abgerufen.',
  posts2: '{posts, plural, one {# Beitrag} other {# Beiträge}}',
  entriesFeed: '{entries, plural, one {# Eintrag} other {# Einträge}} im Feed',
  fetching: 'Wird abgerufen …',
  fetchNow: 'Jetzt abrufen',
  checkIt: 'Prüfen',
  entryIdsChangeEvery:
    'Die Kennungen der Einträge ändern sich bei jedem Abruf. Wir erkennen sie an Link und Text; andere Feedreader zeigen sie doppelt.',

  // SubscriptionChoice
  chooseFeeds: 'Welchen Feeds wollen Sie folgen?',
  selectAll: 'Alle auswählen',
  selectNone: 'Keine auswählen',
  followedAlready: 'wird schon gefolgt',
  followFeeds: '{feeds, plural, =0 {Folgen} one {# Feed folgen} other {# Feeds folgen}}',

  // SubscriptionList
  feedsFollowed:
    '{added, plural, one {<b># Feed</b> wird} other {<b># Feeds</b> werden}} ab jetzt gefolgt{known, plural, =0 {} one {, # war schon dabei} other {, # waren schon dabei}}. Ihre Beiträge erscheinen in ein, zwei Minuten.',
  allFollowedFeedsOpml: 'Alle gefolgten Feeds (OPML):',
  importing: 'Wird importiert …',
  importOpml: 'OPML importieren',

  // VisitDetail
  addressUntil: '<address>{from}</address> bis {when}',
  askedAgainBefore: ', wird vor {when} erneuert',
  notSubscribedYet: 'noch nicht angemeldet',
  awaitingConfirmation: 'wartet auf Bestätigung',
  sendsUpdatesInstantly: 'meldet Neues sofort',
  declinedPollingInstead: 'abgelehnt; wird stattdessen abgefragt',
  visitsComePausereason: 'Die Abrufe kommen {pauseReason}.',
  visitsComeTheyDo: 'Der Abstand der Abrufe: {pauseReason}.',
  hub: 'Hub',
  previousAddresses: 'Frühere Adressen',
  fetchHistory: 'Bisherige Abrufe',
  newentriesNewChangedentriesChanged: ': {newEntries} neu, {changedEntries} geändert',
  millisecondsMs: '{milliseconds} ms',
  roundKb: '{count} kB',

  // visits
  failed: 'fehlgeschlagen',
  newChangedEntries: 'neue oder geänderte Einträge',
  pushedByHub: 'vom Hub gemeldet',
  nothingNew: 'nichts Neues',
  readErrors: 'mit Fehlern gelesen',
  newentriesNew: '{newEntries} neu',
  changedentriesChanged: '{changedEntries} geändert',
  notFetchedYet: 'Noch nicht abgerufen',
  fetchesOldestFirstParts: '{visits, plural, one {# Abruf} other {# Abrufe}}, ältester zuerst: {parts}',
  everyMinutes: '{minutes, plural, one {jede Minute} other {alle # Minuten}}',
  everyHour: 'jede Stunde',
  everyHoursHours: 'alle {hours} Stunden',
  everyDays: '{count, plural, one {jeden Tag} other {alle # Tage}}',

  // FormatView
  format: 'Format',
  copyFeedFormat: 'Feed in diesem Format kopieren',
  download: 'Herunterladen',
  converting: 'Wird umgewandelt …',
  nothingLostFormat: 'In diesem Format geht nichts verloren.',
  typesDataCannotConverted:
    '{lost, plural, one {# Art von Angaben lässt} other {# Arten von Angaben lassen}} sich nicht umwandeln:',
  feedFormat: 'Der Feed in diesem Format',

  // HistoryStrip
  stretchFromWhenUntil: '{stretch}, von {when} bis {until}',
  notCheckedYet: 'Noch nicht geprüft',

  // stretches
  couldNotFetched: 'Er ließ sich nicht abrufen',

  // WatchedPart
  checkedWhen: 'geprüft {when}',
  checkedRegularlyOwnersEditors:
    'Wird regelmäßig geprüft. Inhaber und Redakteure werden hier und per E-Mail benachrichtigt, wenn ein Feed ausfällt oder wieder geht.',
  correctedCopyPublished: 'Korrigierte Kopie veröffentlicht',
  copyAddressRepairedFeed: 'Adresse des korrigierten Feeds kopieren',
  ourFeed: 'Unser Feed',
  checkNow: 'Jetzt prüfen',
  history: 'Verlauf',
  publishCorrectedCopy: 'Korrigierte Kopie veröffentlichen',
  monitor: 'Überwachen',

  // WatchedView
  changesMade:
    '{changes, plural, one {# Änderung} other {# Änderungen}} vorgenommen, zuletzt geändert {when}. Die Kopie folgt dem Original und wird bei jeder Prüfung korrigiert; ist das Original nicht erreichbar, wird die letzte gute Kopie ausgeliefert.',
  checkedAgain: 'Geprüft {when}, wieder {next}.',
  stoppedMonitoringName: '„{name}“ wird nicht mehr überwacht.',
  watchedFeed: 'Überwachter Feed',
  fullReport: 'Vollständiger Bericht',
  feedNotMonitored: 'Dieser Feed wird nicht überwacht',
  somebodyMayHaveStopped: 'Jemand hat die Überwachung beendet.',
  publishedRepaired: 'Korrigiert veröffentlicht',
  originalHasNotBeen: 'Das Original wurde noch nicht abgerufen. Danach gilt die Adresse.',
  stopPublishing: 'Nicht mehr veröffentlichen',
  publishCorrectedCopyOwn:
    'Veröffentlichen Sie eine korrigierte Kopie unter eigener Adresse. Sie wird bei jeder Prüfung erneuert.',
  publishRepaired: 'Korrigiert veröffentlichen',
  checks: '{checks, plural, one {# Prüfung} other {# Prüfungen}}',
  lineLine: 'Zeile {line}',
  stopMonitoring: 'Überwachung beenden',

  // FeedSettings
  savedFeedReadersGet: 'Gespeichert. Feedreader bekommen die Änderung beim nächsten Abruf.',
  feedSettingsBlogname: 'Einstellungen des Feeds: „{blogName}“',
  numberEntries: 'Anzahl der Einträge',
  content: 'Inhalt',
  fullText: 'Ganzer Text',
  includeArchivePagesOlder: 'Archivseiten mit älteren Einträgen',
  rss: 'RSS',
  jsonFeed: 'JSON Feed',
  imageAddress: 'Adresse des Bildes',
  theSites: 'die der Website',
  copyright: 'Urheberrecht',
  redirectTo: 'Weiterleiten an',
  leaveEmptyNormallyIf: 'Bleibt gewöhnlich leer. Sonst werden Feedreader dauerhaft weitergeleitet.',
  discard: 'Verwerfen',

  // OurFeedRow
  redirectsTo: 'Leitet weiter an <address>{url}</address>',
  newestEntries: 'die neuesten {entries}',
  entries2: '{entries, plural, one {# Eintrag} other {# Einträge}}',
  olderOnesArchives: ', ältere in Archiven',
  countFullTextHistory: '{count}, ganzer Text{history}, aus dem gefolgten Feed neu veröffentlicht',
  countFullTextHistory2: '{count}, ganzer Text{history}',
  countExcerptsHistoryRepublished: '{count}, Auszüge{history}, aus dem gefolgten Feed neu veröffentlicht',
  countExcerptsHistory: '{count}, Auszüge{history}',
  moved: 'Umgezogen',
  copyNameAddress: 'Adresse von {name} kopieren',
  check: 'Prüfen',

  // OurFeeds
  blogs: 'Blogs',
  allFeedsOpml: 'Alle Feeds (OPML):',
  copyAddressList: 'Adresse der Liste kopieren',

  // PartnerFeeds
  requestedTimes: '{reads, plural, one {Einmal} other {#-mal}} abgerufen.',
  requestedTimesLast: '{reads, plural, one {Einmal} other {#-mal}} abgerufen, zuletzt {when}.',
  visitsTagged: '{brought, plural, one {# Besuch} other {# Besuche}} mit der Quelle „{source}“.',
  feedNameSaved: 'Feed für {name} gespeichert.',
  accessNameRestored: 'Zugang für {name} wiederhergestellt.',
  accessNameEndedAddress: 'Zugang für {name} beendet; die Adresse meldet jetzt „entfernt“.',
  noPartnerFeedsYet: 'Noch keine Feeds für Partner',
  giveEachPartnerTheir:
    'Geben Sie jedem Partner eine eigene Feed-Adresse: Wählen Sie die Beiträge, sehen Sie die Nutzung, und beenden Sie den Zugang jederzeit.',
  ended: 'Beendet',
  copyFormAddress: 'Adresse ({form}) kopieren',
  restoreAccess: 'Zugang wiederherstellen',
  endAccess: 'Zugang beenden',
  changeFeed: 'Feed ändern',
  newPartnerFeed: 'Neuer Feed für einen Partner',
  partnerName: 'Name des Partners',
  sourceTagUtmSource: 'Quellenangabe (utm_source)',
  parishPaper: 'gemeindeblatt',
  createFeed: 'Feed anlegen',

  // PublishRepaired
  publishedCorrected: '<b>Veröffentlicht.</b> Die Kopie wird bei jeder Prüfung erneuert und korrigiert.',
  publishCorrectedFeed: 'Korrigierten Feed veröffentlichen',

  // ReaderView
  feedCouldNotRead: 'Der Feed ließ sich nicht lesen.',
  feedHasNoEntries: 'Der Feed hat keine Einträge: Feedreader zeigen eine leere Liste.',
  entriesReaderListsThem: 'Die Einträge, wie ein Feedreader sie auflistet',
  untitled: 'Ohne Titel',
  noDate: 'kein Datum',

  // RepairView
  correcting: 'Wird korrigiert …',
  notFeed: 'Das ist kein Feed.',
  changes: '{changes, plural, one {# Änderung} other {# Änderungen}}',
  nothingChange: 'Nichts zu ändern.',
  problemsNeedManualFixing:
    '{remaining, plural, one {# Problem muss} other {# Probleme müssen}} von Hand behoben werden.',
  noProblemsLeft: 'Keine Probleme mehr.',
  copyRepairedFeed: 'Korrigierten Feed kopieren',
  differences: 'Unterschiede',
  onlyWhatChanged: 'Nur Geändertes',
  wholeFeed: 'Der ganze Feed',

  // SourceView
  sourceFeed: 'Quelltext des Feeds',

  // WatchIt
  monitoringNameWillNotified: '„{name}“ wird überwacht. Bei Fehlern werden Sie benachrichtigt.',
  monitoredHistory: 'Überwacht: Verlauf',
  monitorFeed: 'Diesen Feed überwachen',

  // words
  valid: 'Gültig',
  feedValid: 'Der Feed ist gültig.',
  validWarnings: 'Gültig, mit Warnungen',
  worksButSomeFeed: 'Funktioniert, aber manche Feedreader können Schwierigkeiten haben.',
  hasErrors: 'Hat Fehler',
  feedHasErrorsSome: 'Der Feed hat Fehler.',
  notFeed2: 'Kein Feed',

  // Checking: pages, changes, reports, letters
  feedAddressLead: 'Auch die Adresse einer Webseite geht: Geprüft wird der Feed, den sie nennt.',
  letter: 'Brief an den Herausgeber',
  report: 'Bericht herunterladen',
  reportPage: 'Webseite (HTML)',
  reportGone: 'Diese Prüfung ist nicht mehr gespeichert. Prüfen Sie den Feed erneut.',
  foundOnPage: 'Gefunden auf der Seite <page>{url}</page>.',
  otherFeedsThere: 'Weitere Feeds dort:',
  sinceLast: 'Seit der letzten Prüfung, <when></when>:',
  sinceNothing: 'nichts geändert.',
  sinceChanged:
    '{came, plural, =0 {kein neuer Mangel} one {# neuer Mangel} other {# neue Mängel}}, {gone, plural, =0 {keiner} other {#}} behoben{rest, plural, =0 {} other {, # häufiger oder seltener}}.',
  sinceFixed: 'behoben',
  sinceNew: 'neu',
  showChanges: 'Änderungen anzeigen',
  hideChanges: 'Änderungen ausblenden',
  letterNotNeeded: 'Es gibt nichts zu schreiben: Die Prüfung hat weder Fehler noch Warnungen ergeben.',
  letterLead: 'Ein Entwurf aus den Ergebnissen. Lesen, ändern, senden.',
  letterLanguage: 'Sprache',
  letterTo: 'An',
  letterToHint: 'Die Adresse, die der Feed nennt, falls er eine nennt',
  letterSubject: 'Betreff',
  letterBody: 'Brief',
  openInEmailProgram: 'Im E-Mail-Programm öffnen',
  letterTooLong: 'Dieser Brief ist zu lang, um ihn an ein E-Mail-Programm zu übergeben. Kopieren Sie ihn.',
  copyLetter: 'Brief kopieren',

  // Several feeds
  severalFeeds: 'Mehrere Feeds auf einmal',
  severalFeedsLead: 'Adressen, eine OPML-Liste aus einem Feedreader, Dateien oder ein ganzer Ordner. Bis zu 500 Feeds.',
  addressesOneLine: 'Adressen, eine je Zeile',
  checkFeeds: '{feeds, plural, =0 {Feeds prüfen} one {# Feed prüfen} other {# Feeds prüfen}}',
  addFiles: 'Dateien hinzufügen',
  addFolder: 'Ordner hinzufügen',
  sentFiles: '{sent} von {files} Dateien hochgeladen',
  chosenFiles: '{files, plural, one {# Datei gewählt.} other {# Dateien gewählt.}}',
  removeFiles: 'Dateien entfernen',
  earlierChecks: 'Frühere Prüfungen',
  feedsCount: '{feeds, plural, one {# Feed} other {# Feeds}}',
  checkedOf: '{checked} von {feeds} geprüft',
  withErrors: '{faulty, plural, =0 {Kein Feed hat Fehler.} one {# Feed hat Fehler.} other {# Feeds haben Fehler.}}',
  unreadFeeds: '{unread, plural, one {# konnte nicht gelesen werden.} other {# konnten nicht gelesen werden.}}',
  checkOfFeeds: '{feeds, plural, =0 {Prüfung von Feeds} one {Prüfung von # Feed} other {Prüfung von # Feeds}}',
  cancel: 'Abbrechen',
  checkRest: 'Rest prüfen',
  cancelledRestWaits: 'Abgebrochen. Was geprüft ist, bleibt.',
  canLeavePageCheck: 'Sie können diese Seite verlassen; die Prüfung läuft weiter.',
  filterAll: 'Alle',
  filterErrors: 'Mit Fehlern',
  filterWarnings: 'Mit Warnungen',
  filterValid: 'Gültig',
  filterUnread: 'Nicht gelesen',
  filterChanged: 'Geändert seit der letzten Prüfung',
  noFeedFits: 'Kein Feed passt zu diesem Filter.',
  notRead: 'Nicht lesbar',
  cancelled: 'Abgebrochen',
  waiting: 'Wartet',
  correctedOf: '{repairable, plural, one {# im korrigierten Feed behoben} other {# im korrigierten Feed behoben}}',
  foundThroughPage: 'Über die Seite gefunden',

  // Health and parts of our feeds
  healthUnknown: 'Unsere Feeds konnten nicht geprüft werden: {why}',
  checkingOurFeeds: 'Unsere Feeds werden geprüft …',
  ourFeedsFaulty: '{faulty, plural, one {# unserer Feeds hat} other {# unserer Feeds haben}} Fehler.',
  ourFeedsWarned: 'Keine Fehler; {warned, plural, one {# unserer Feeds hat} other {# unserer Feeds haben}} Warnungen.',
  ourFeedsValid: 'Alle unsere Feeds sind gültig, in jedem Format.',
  noPartFeeds: 'Noch hat kein veröffentlichter Beitrag eine Kategorie, ein Schlagwort oder einen Autor.',
  feedsOf: 'Feeds von',
  search: 'Suchen',
  categories: 'Kategorien',
  tags: 'Schlagwörter',
  authors: 'Autoren',
  hideParts: 'Feeds von Teilen ausblenden',
  showParts: 'Kategorien, Schlagwörter, Autoren',

  // RunView
  filter: 'Filter',
}

export default de
