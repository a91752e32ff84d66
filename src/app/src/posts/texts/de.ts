import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // CalendarView
  calendar: 'Kalender',
  postsScheduled: ', {coming, plural, one {# Beitrag} other {# Beiträge}} geplant',
  previousMonth: 'Voriger Monat',
  nextMonth: 'Nächster Monat',
  today: 'Heute',
  dragScheduledPostsAnother: 'Geplante Beiträge lassen sich auf einen anderen Tag ziehen',
  unscheduled: 'Nicht geplant',
  noUnscheduledDrafts: 'Keine ungeplanten Entwürfe.',

  // useCalendarMoving
  titleWillPublishedDay: '„{title}“ wird am {day} um {time} veröffentlicht.',

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

  // BulkBar
  posts2: '{posts, plural, one {# Beitrag} other {# Beiträge}}',
  restore: 'Wiederherstellen',
  restoreNFromBin: '{n, plural, one {# Beitrag} other {# Beiträge}} aus dem Papierkorb zurückholen',
  moveNW: '{n, plural, one {# Beitrag} other {# Beiträge}} nach {w} verschieben',
  removeCategoryFromN: 'Kategorie von {n, plural, one {# Beitrag} other {# Beiträgen}} entfernen',
  addTags: 'Schlagwörter hinzufügen',
  tagNW: '{n, plural, one {# Beitrag} other {# Beiträge}} mit {w} versehen',
  tagN: '{n, plural, one {# Beitrag} other {# Beiträge}} mit Schlagwörtern versehen',
  removeTags: 'Schlagwörter entfernen',
  tags2: 'Schlagwörter',
  takeWOffN: '{w} von {n, plural, one {# Beitrag} other {# Beiträgen}} entfernen',
  nobody: 'niemand',
  setAuthorNW: 'Als Autor von {n, plural, one {# Beitrag} other {# Beiträgen}} eintragen: {w}',
  feature: 'Hervorheben',
  featureN: '{n, plural, one {# Beitrag} other {# Beiträge}} hervorheben',
  commentsOff: 'Kommentare aus',
  turnCommentsOffN: 'Kommentare für {n, plural, one {# Beitrag} other {# Beiträge}} ausschalten',
  commentsOn: 'Kommentare ein',
  turnCommentsN: 'Kommentare für {n, plural, one {# Beitrag} other {# Beiträge}} einschalten',
  withdrawN: '{n, plural, one {# Beitrag} other {# Beiträge}} zurückziehen',
  changeDraft: 'Zum Entwurf machen',
  makeNDrafts: '{n, plural, one {# Beitrag zum Entwurf} other {# Beiträge zu Entwürfen}} machen',
  moveBin: 'In den Papierkorb',
  putNIntoBin: '{n, plural, one {# Beitrag} other {# Beiträge}} in den Papierkorb legen',
  doneDoes: 'Erledigt: {does}.',
  noChangesNeeded: 'Keine Änderungen nötig.',
  editSelectedPosts: 'Ausgewählte Beiträge bearbeiten',
  postsSelected: '{posts, plural, one {# Beitrag} other {# Beiträge}} ausgewählt',
  selectAllTotal: 'Alle {total, number} auswählen',
  clearSelection: 'Auswahl aufheben',
  nameLeaveEmptyRemove: 'Name (leer lassen, um ihn zu entfernen)',
  changesPosts: 'Betrifft {posts}.',
  changesNothing: 'Das ändert nichts.',
  unchangedUnchanged: '{unchanged} unverändert.',
  belongFollowedBlogsStays: '{followed, plural, one {# gehört} other {# gehören}} zu gefolgten Blogs und bleibt.',
  belongFollowedBlogsStay: '{followed, plural, one {# gehört} other {# gehören}} zu gefolgten Blogs und bleiben.',
  theyLieBin30: 'Sie liegen 30 Tage im Papierkorb.',

  // columns
  status: 'Status',
  lastEdited: 'Zuletzt bearbeitet',
  issues: 'Hinweise',

  // PostDetails
  postDetails: 'Einzelheiten des Beitrags',
  detailsNotSaved:
    'Ihre Änderungen sind nicht gespeichert. Speichern Sie sie, oder schließen Sie noch einmal, um sie zu verwerfen.',
  detailsSaved: 'Einzelheiten von „{title}“ gespeichert.',
  movedToBin: '„{title}“ liegt im Papierkorb.',
  restoredFromBin: '„{title}“ ist wiederhergestellt.',
  openInEditor: 'Im Editor öffnen',
  read: 'Lesen',
  view: 'Auf der Seite ansehen',
  duplicate: 'Duplizieren',
  followedDetailsComeFromFeed:
    'Diese Angaben kommen aus dem Feed des Blogs. Ändern Sie sie dort; beim nächsten Lesen kommen sie hierher.',

  // PostFilter
  filter: 'Filter',
  inTheBin: 'Im Papierkorb',
  tag: 'Schlagwort',
  from: 'Von',
  until: 'Bis',
  issuesOnly: 'Nur mit Hinweisen',
  filterIs: '{name}: {value}',
  removeFilter: 'Filter {name}: {value} entfernen',
  clearFilters: 'Filter zurücksetzen',

  // PostTable
  chooseAllPostsShown: 'Alle gezeigten Beiträge auswählen',
  chooseTitle: '„{title}“ auswählen',
  detailsOfTitle: 'Details von „{title}“',
  followed: 'Gefolgtes Blog',

  // plainLines
  picture2: 'Bild',

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

  // PostsView
  postsInAll: '{total, plural, one {# Beitrag} other {# Beiträge}}.',
  postsFound: '{total, plural, one {# Beitrag} other {# Beiträge}} gefunden.',
  postsInBin: '{total, plural, one {# Beitrag} other {# Beiträge}} im Papierkorb, 30 Tage aufbewahrt.',
  searchPosts: 'Beiträge suchen',
  columns: 'Spalten',
  readingPosts: 'Beiträge werden geladen …',
  binEmpty: 'Der Papierkorb ist leer',
  noPostsFound: 'Keine Beiträge gefunden',
  noPostsYet: 'Noch keine Beiträge',
  deletedPostsCanRestored: 'Gelöschte Beiträge lassen sich 30 Tage lang wiederherstellen.',
  changeSearchFilters: 'Ändern Sie Suche oder Filter.',
  writeFirstOneConnect: 'Schreiben Sie den ersten, oder verbinden Sie einen Blog, dessen Feed gelesen wird.',

  // status
  draft: 'Entwurf',
  inReview: 'In Durchsicht',
  scheduled2: 'Geplant',
  withdrawn: 'Zurückgezogen',

  // AuthorDialog
  newAuthor: 'Neuer Autor',
  biography: 'Biografie',
  authorsWebsite: 'Website des Autors',
  anotherPicture: 'Anderes Bild …',
  noPicture: 'Kein Bild',

  // CategoryDialog
  newCategory: 'Neue Kategorie',
  parentCategory: 'Übergeordnete Kategorie',
  noneTopLevel: 'Keine (oberste Ebene)',

  // OwnFieldsPart
  shortText: 'Kurzer Text',
  severalLines: 'Mehrere Zeilen',
  aNumber: 'Eine Zahl',
  aDay: 'Ein Tag',
  choice: 'Auswahl',
  yesNo: 'Ja oder nein',
  aPicture: 'Ein Bild',
  aLink: 'Ein Link',
  customFieldsSaved: 'Eigene Felder gespeichert.',
  extraDetailsPostsBlog:
    'Zusätzliche Angaben zu Beiträgen dieses Blogs, z. B. das verwendete Instrument. Leser sehen sie auf der Seite des Beitrags; Importe füllen sie.',
  options: 'Möglichkeiten',
  unit: 'Einheit',
  required: 'Pflicht',
  showVisitors: 'Besuchern zeigen',
  addField: 'Feld hinzufügen',
  saveFields: 'Felder speichern',
  valuesRemovedFieldsKept:
    'Werte entfernter Felder bleiben erhalten und kommen zurück, wenn Sie das Feld wieder hinzufügen.',

  // RenameDialog
  thisChanges: 'Das ändert {posts, plural, one {# Beitrag} other {# Beiträge}}.',
  postsChanged: '{posts, plural, one {# Beitrag} other {# Beiträge}} geändert.',
  renameName: '„{name}“ umbenennen',
  newNameLeaveEmpty: 'Neuer Name (leer lassen, um zu entfernen)',
  nameAlreadyUsedBy:
    '„{name}“ haben schon {posts, plural, one {# Beitrag} other {# Beiträge}}. Beide werden vereint. Das lässt sich nicht rückgängig machen.',
  removeFromPosts: 'Aus Beiträgen entfernen',
  merge: 'Vereinen',
  rename: 'Umbenennen',

  // TermsView
  categoriesTagsAuthors: 'Kategorien, Schlagwörter, Autoren',
  organisePostsByCategory: 'Ordnen Sie Beiträge nach Kategorie, Schlagwort, Autor und eigenem Feld.',
  addCategory: 'Kategorie hinzufügen',
  addAuthor: 'Autor hinzufügen',
  sections: 'Bereiche',
  renameMerge: 'Umbenennen oder vereinen',
  noDescription: 'Keine Beschreibung.',

  // VersionsDialog
  noVersionsYetNext: 'Noch keine Versionen. Beim nächsten Speichern entsteht eine.',
  versionsLatestFirst: 'Versionen, die neueste zuerst',
  changesSince: 'Änderungen seit:',
  deleted: 'gelöscht',
  added: 'neu',
  sameCurrentText: 'Wie der jetzige Text.',
  differences: 'Unterschiede',
  restoreVersion: 'Diese Version wiederherstellen',
}

export default de
