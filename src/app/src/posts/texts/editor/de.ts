import type { Translated } from '../../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // classed
  contentsFromHeadings: 'Inhaltsverzeichnis, aus den Überschriften',
  aboutAuthor: 'Über den Autor',
  relatedPosts: 'Ähnliche Beiträge',
  contactFormNameEmail: 'Kontaktformular: Name, E-Mail, Nachricht; die Nachrichten gehen an das Team',
  signUpFormNew: 'Anmeldeformular für neue Beiträge per E-Mail',
  followLinksFromSite: 'Folgen-Links (aus den Einstellungen der Website)',

  // AddressDialog
  video: 'Video',
  addressFileMp4Webm: 'Adresse der Datei (MP4 oder WebM)',
  audio: 'Audio',
  addressFileMp3M4a: 'Adresse der Datei (MP3, M4A oder OGG)',
  linkPreview: 'Linkvorschau',
  addressPage: 'Adresse der Seite',
  enterFullAddressStarting: 'Geben Sie eine vollständige Adresse ein, die mit https:// beginnt.',
  nothingLoadedUntilVisitor: 'Nichts wird geladen, bevor der Besucher auf Abspielen drückt.',
  titleTextPictureCopied: 'Titel, Text und Bild werden einmal kopiert; so wird niemand verfolgt.',
  insert: 'Einfügen',

  // DetailsPart
  moreCategories: 'Weitere Kategorien',
  suggested: 'Vorschläge:',
  featured: 'Hervorgehoben',
  pinned: 'Angeheftet',
  emptyStartTextUsed: 'Leer: Der Anfang des Textes wird verwendet.',
  text2: 'Sie',
  changePicture: 'Bild ändern …',
  choosePicture: 'Bild wählen …',
  removePicture: 'Bild entfernen',
  pictureAddress: 'Adresse des Bildes',
  descriptionAltText: 'Beschreibung (Alternativtext)',
  sourceLink: 'Link zur Quelle',
  slug: 'Slug',
  fromTitle: 'aus dem Titel',

  // OwnFields
  customFields: 'Eigene Felder',

  // PictureUses
  itsPage: 'Auf seiner Seite',
  inListings: 'In Listen',
  socialPreview: 'Vorschau in sozialen Netzwerken',
  pictureEachPlace: 'Das Bild an jedem Ort',
  itsOwn: 'ein eigenes',
  thePosts: 'das des Beitrags',
  cutPlacePlace: 'Für diesen Ort zuschneiden: {place}',
  crop: 'Zuschneiden …',
  anotherPicturePlace: 'Anderes Bild: {place}',
  change: 'Ändern …',
  usePostsPicturePlace: 'Bild des Beitrags verwenden: {place}',
  reset: 'Zurücksetzen',

  // ReviewPart
  review: 'Durchsicht',
  reopen: 'Wieder öffnen',
  done: 'Erledigt',
  aboutChosen: 'Zu: „{chosen}“',
  commentSelectedText: 'Anmerkung zum markierten Text',
  commentSelectTextRefer: 'Anmerkung (Text markieren, um sich darauf zu beziehen)',
  addComment: 'Anmerken',

  // SearchPart
  seoSocial: 'Suchmaschinen und soziale Netzwerke',
  titleSearchResults: 'Titel in Suchergebnissen',
  descriptionSearchResults: 'Beschreibung in Suchergebnissen',
  socialTitle: 'Titel in sozialen Netzwerken',
  socialDescription: 'Beschreibung in sozialen Netzwerken',
  canonicalAddress: 'Kanonische Adresse',
  languageIfNotSites: 'Sprache, wenn nicht die der Website',
  deFrCa: 'de, fr-CA …',
  hideFromSearchEngines: 'Vor Suchmaschinen verbergen',
  commentsMentions: 'Kommentare und Erwähnungen',
  readersCanComment: 'Leser können kommentieren',
  closeComments: 'Kommentare schließen am',
  commentSettings: 'Kommentareinstellungen …',
  showMentions: 'Erwähnungen zeigen',

  // EditorActs
  previewLinkCopiedAnyone: 'Vorschaulink kopiert. Wer ihn hat, kann den Beitrag sieben Tage lang sehen.',
  sentBack: 'Zurückgegeben.',
  copyPreviewLink: 'Vorschaulink kopieren',
  viewPost: 'Beitrag ansehen',
  destinations: 'Ziele',
  unschedule: 'Nicht mehr planen',
  draftAgain: 'Er ist wieder ein Entwurf.',
  withdraw: 'Zurückziehen',
  withdrawnRemovedFromListings: 'Zurückgezogen. Aus Listen und Feeds entfernt.',
  changesPublic: 'Die Änderungen sind öffentlich.',
  publishChanges: 'Änderungen veröffentlichen',
  publishedAgain: 'Wieder veröffentlicht.',
  publishAgain: 'Wieder veröffentlichen',
  sendBack: 'Zurückgeben …',
  saved: 'Gespeichert.',
  publish2: 'Veröffentlichen …',
  sendReview: 'Zur Durchsicht geben …',
  sendBackChanges: 'Zum Ändern zurückgeben',
  everyoneWhoEditedPost:
    'Alle, die den Beitrag bearbeitet haben, bekommen eine E-Mail. Anmerkungen bleiben neben dem Text.',
  message: 'Nachricht',

  // EditorNews
  unpublishedChangesBy:
    'Unveröffentlichte Änderungen von {by}, gespeichert {when}; Leser sehen den bisherigen Beitrag.',
  othersHaveOpen:
    '<b>{names}</b> {others, plural, one {hat} other {haben}} diesen Beitrag auch geöffnet. Es zählt, wer zuerst speichert; nichts geht verloren.',
  overtakenHasSavedPost:
    '{overtaken} hat diesen Beitrag gespeichert, seit Sie ihn geöffnet haben. Kopieren Sie Ihre Änderungen, laden Sie die Seite neu und fügen Sie sie ein.',
  discardChanges: 'Änderungen verwerfen',
  willPublishedGoesoutClocknote: 'Wird veröffentlicht: {goesOut}. {clockNote}',

  // EditorSide
  details: 'Einzelheiten',

  // PageDialog
  pagePost: 'Die Seite dieses Beitrags',
  untitled: 'Ohne Titel',
  closePreview: 'Vorschau schließen',

  // PublishDialog
  anyEditor: 'Irgendein Redakteur',
  now: 'Jetzt',
  later: 'Später',
  sendReview2: 'Zur Durchsicht geben',
  publishTitle: '„{title}“ veröffentlichen?',
  addedItsPageFeed:
    'Er erscheint auf seiner Seite, im Feed und in passenden Listen. {receivers, plural, one {# Abonnent bekommt} other {# Abonnenten bekommen}} eine E-Mail.',
  addedItsPageFeedMatching:
    'Er erscheint auf seiner Seite, im Feed und in passenden Listen. Es werden keine E-Mails gesendet.',
  timeZoneSite: 'Zeitzone der Website',
  dateTimeZone: 'Datum und Uhrzeit ({zone})',
  willPublishedAutomaticallySubscribers:
    'Er wird von selbst veröffentlicht, und {receivers, plural, one {# Abonnent bekommt} other {# Abonnenten bekommen}} eine E-Mail.',
  willPublishedAutomatically: 'Er wird von selbst veröffentlicht.',
  reviewer: 'Wer durchsieht',
  messageReviewer: 'Nachricht an die Durchsicht',
  issuesSeeChecksBefore:
    '{findings, plural, one {# Hinweis} other {# Hinweise}}; siehe „Prüfung vor der Veröffentlichung“.',
  publishSendEmails: 'Veröffentlichen und {receivers, plural, one {# E-Mail} other {# E-Mails}} senden',
  schedule: 'Planen',

  // ChannelLook
  readAloudPicturealt: 'Vorgelesen: „{pictureAlt}“',
  noAltText: 'Kein Alternativtext.',
  postName: 'Der Beitrag bei {name}',
  whatSent: 'Was gesendet wird',

  // ChannelSheet
  titleEveryChannel: '„{title}“ in jedem Kanal',
  basedLastSavedVersion: 'Nach dem zuletzt gespeicherten Stand.',
  checkLinksAgain: 'Links noch einmal prüfen',
  checkLinks: 'Links prüfen',
  noProblemsItsLinks: 'Keine Probleme; die Links funktionieren.',
  noProblems: 'Keine Probleme.',
  deliveryStatus: 'Stand der Zustellung',

  // GoesByMail
  byMail: 'Per E-Mail',
  notSentByEmail: 'Nicht per E-Mail gesendet.',
  alreadySentNoDigest: 'Schon gesendet, oder kein Rundbrief nimmt ihn auf.',
  subscribers2: '{receivers, plural, one {# Abonnent} other {# Abonnenten}}',
  whenPublished: 'wenn er veröffentlicht wird',
  doNotSendBy: 'Nicht per E-Mail senden',

  // GoesTo
  excludedPost: 'für diesen Beitrag ausgenommen',
  willSent: 'wird gesendet',
  countPreviews: '{count} von {previews}',
  compareChannels: 'Kanäle vergleichen',
  basedLastSavedVersionChanges: 'Nach dem zuletzt gespeicherten Stand. Änderungen gelten nach dem Speichern.',

  // MailLook
  notAnyEmailAlready: 'In keiner E-Mail: schon gesendet oder ausgenommen.',
  digest: 'Rundbrief',
  theEmail: 'Die E-Mail',

  // WidthMeter
  widthMostPixels: '{width} von {most} Pixeln',
  truncatedMostWidthPixels: 'Wird bei {most} von {width} Pixeln abgeschnitten',

  // WishFields
  channelDefault: 'Wie im Kanal eingestellt',
  send: 'Senden',
  doNotSend: 'Nicht senden',
  thisPost: 'Dieser Beitrag',
  sendAt: 'Senden um',
  textTurn: 'Text {turn}',
  customText: 'Eigener Text',

  // usePresence
  somebody: 'Jemand',

  // usePublishing
  publishedSendingEmails: 'Veröffentlicht. {receivers, plural, one {# E-Mail wird} other {# E-Mails werden}} gesendet.',
  published2: 'Veröffentlicht.',
  scheduled: 'Geplant.',
  sentReview: 'Zur Durchsicht gegeben.',

  // ColourMenu
  green: 'Grün',
  red: 'Rot',
  amber: 'Bernstein',
  grey: 'Grau',
  textColour: 'Textfarbe',
  highlight: 'Hervorhebung',
  greyHighlightHardRead: 'Grau auf einer Hervorhebung ist schwer zu lesen. Wählen Sie eine andere Textfarbe.',

  // FindBar
  placesReplaced: '{places, plural, one {# Stelle} other {# Stellen}} ersetzt.',
  findText: 'Im Text suchen',
  find: 'Suchen',
  atOfFound: '{at} von {found}',
  noMatches: 'Nichts gefunden',
  next: 'Nächste',
  previous: 'Vorige',
  matchCase: 'Groß- und Kleinschreibung beachten',
  replaceWith: 'Ersetzen durch',
  replace: 'Ersetzen',
  replaceAll: 'Alle ersetzen',

  // InsertMenu
  picture: 'Bild …',
  gallery: 'Galerie …',
  video2: 'Video …',
  audio2: 'Audio …',
  linkPreview2: 'Linkvorschau …',
  table: 'Tabelle',
  pullQuote: 'Herausgestelltes Zitat',
  code: 'Code',
  copyableText: 'Text zum Kopieren',
  ra00h42mDec: 'RA 00h 42m, Dec +41°',
  button: 'Taste …',
  divider: 'Trennlinie',
  tableContents: 'Inhaltsverzeichnis',
  contactForm: 'Kontaktformular',
  signUpForm: 'Anmeldeformular',
  followLinks: 'Folgen-Links',
  templatePlaceholder: 'Platzhalter der Vorlage',

  // LinkDialog
  enterFullAddressStartingHttps: 'Geben Sie eine vollständige Adresse ein, die mit https:// oder mailto: beginnt.',
  enterButtonTextAddress: 'Geben Sie Text und Adresse der Taste ein.',
  button2: 'Taste',
  editLink: 'Link bearbeiten',
  link: 'Link',
  buttonText: 'Text der Taste',
  address: 'Adresse',
  leaveEmptyRemoveLink: 'Leer lassen, um den Link zu entfernen.',
  apply: 'Übernehmen',

  // MarkdownDialog
  textMarkdown: 'Der Text als Markdown',
  markdown: 'Markdown',
  replacePostText: 'Text des Beitrags ersetzen',
  copy: 'Kopieren',
  download: 'Herunterladen',
  openFile: 'Datei öffnen',

  // TemplateBar
  startFromTemplate: 'Mit einer Vorlage beginnen',
  startFrom: 'Beginnen mit',
  removeTemplateName: 'Vorlage {name} entfernen',
  blankPost: 'oder ein leerer Beitrag',

  // TemplateDialog
  saveTemplate: 'Als Vorlage speichern',
  newPostsCanStart:
    'Neue Beiträge können mit diesem Text, dieser Kategorie und diesen Schlagwörtern beginnen. Machen Sie Text über Einfügen zum Platzhalter; beim Schreiben wird er ersetzt.',
  nameSuchObservingReport: 'Name, etwa Beobachtungsbericht',
  replacesExistingTemplate: 'Ersetzt die bestehende Vorlage.',
  saveTemplate2: 'Vorlage speichern',

  // PictureTools
  libraryHasDescription: 'Das Bild hat diese Beschreibung jetzt auch in der Bibliothek.',
  normal: 'Normal',
  wide: 'Breit',
  small: 'Klein',
  left: 'Links',
  right: 'Rechts',
  remove: 'Entfernen',
  inThisText: 'In diesem Text',
  rowBelow: 'Zeile darunter',
  columnAfter: 'Spalte dahinter',
  removeRow: 'Zeile entfernen',
  removeColumn: 'Spalte entfernen',
  headingRow: 'Kopfzeile',
  removeTable: 'Tabelle entfernen',
  languageCode: 'Sprache des Codes',

  // TextEditor
  textPost: 'Text des Beitrags',
  formatting: 'Formatierung',
  linkCtrlShiftK: 'Link (Strg Umschalt K)',
  findReplaceCtrlF: 'Suchen und ersetzen (Strg H)',
  findReplace: 'Suchen und ersetzen',
  uploadingName: '{name} wird hochgeladen …',
  noPreviewAvailableN: 'Keine Vorschau verfügbar: {reason} Ein einfacher Link wurde eingefügt.',

  // tools
  bold: 'Fett',
  ctrlB: 'Strg B',
  italic: 'Kursiv',
  ctrlI: 'Strg I',
  underline: 'Unterstrichen',
  ctrlU: 'Strg U',
  strikethrough: 'Durchgestrichen',
  superscript: 'Hochgestellt',
  subscript: 'Tiefgestellt',
  inlineCode: 'Code im Text',
  heading2: 'Überschrift 2',
  heading3: 'Überschrift 3',
  bulletedList: 'Aufzählung',
  numberedList: 'Nummerierte Liste',
  taskList: 'Aufgabenliste',
  quote: 'Zitat',
  alignCentre: 'Zentrieren',
  alignRight: 'Rechtsbündig',
  footnote: 'Fußnote',
  ctrlZ: 'Strg Z',
  redo: 'Wiederholen',
  ctrlShiftZ: 'Strg Umschalt Z',

  // useTemplates
  newPostsCanStartFrom: 'Neue Beiträge können mit „{name}“ beginnen.',
  templateNameDeletedIts: 'Vorlage „{name}“ gelöscht. Ihre Beiträge bleiben.',

  // EditorView
  postComesFromFollowed: 'Dieser Beitrag kommt aus einem gefolgten Feed. Bearbeiten Sie ihn an seiner Quelle.',
  saving: 'Wird gespeichert …',
  savedUnpublishedChanges: 'Als unveröffentlichte Änderungen gespeichert.',
  unpublishedChanges: 'Unveröffentlichte Änderungen.',
  notSavedYet: 'Noch nicht gespeichert.',
  startedFromName: 'Begonnen mit „{name}“.',
  newPost: 'Neuer Beitrag',
  openingPost: 'Beitrag wird geöffnet …',
  noBlogYet: 'Noch kein Blog',
  startOneWrittenHere: 'Beginnen Sie einen, der hier geschrieben wird; er bekommt eine Seite und einen Feed.',
  startBlog: 'Blog beginnen',
  wordsMaxMinRead: '{words, plural, one {# Wort} other {# Wörter}}, {minutes} Min. Lesezeit',
  versionHistory: 'Versionen',
  editMarkdown: 'Als Markdown bearbeiten',
  versionRestoredEditorSave: 'Version im Editor wiederhergestellt. Speichern Sie, um sie zu behalten.',
  markdownPost: 'Das Markdown steht im Beitrag.',

  // PostFindings
  checksBeforePublishing: 'Prüfung vor der Veröffentlichung',
  checkingLinks: 'Links werden geprüft …',
  allLinksWork: 'Alle Links funktionieren.',

  // PostPreview
  startText: 'Der Anfang des Textes',
  previews: 'Vorschauen',
  inAListing: 'In einer Liste',
  searchResultHiddenFrom: 'Als Suchergebnis (vor Suchmaschinen verborgen)',
  searchResult: 'Als Suchergebnis',
  feedReader: 'In einem Feedreader',

  // VersionsDialog
  noVersionsYetNext: 'Noch keine Versionen. Beim nächsten Speichern entsteht eine.',
  versionsLatestFirst: 'Versionen, die neueste zuerst',
  changesSince: 'Änderungen seit:',
  deleted: 'gelöscht',
  added: 'neu',
  sameCurrentText: 'Wie der jetzige Text.',
  differences: 'Unterschiede',
  restoreVersion: 'Diese Version wiederherstellen',

  // PictureTools
  size: 'Größe',

  // tools
  indent: 'Einrücken',
  outdent: 'Ausrücken',

  // SearchPart
  sameAsSite: 'Wie die Website',
  onHere: 'An',
  offHere: 'Aus',
}

export default de
