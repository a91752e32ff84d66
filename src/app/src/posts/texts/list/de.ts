import type { Translated } from '../../../texts'
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
  removeAuthorFromN: 'Autor von {n, plural, one {# Beitrag} other {# Beiträgen}} entfernen',
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
  import: 'Import',
  importNumber: 'Nr. {number}',
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
}

export default de
