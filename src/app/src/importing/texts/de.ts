import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // ImportsView
  nextSync: 'nächster Abgleich {when}',
  publishedSpreadsheetCsv: 'Tabelle (Datei oder Webseite)',
  aFeed: 'Ein Feed',
  webPagesOneAddress: 'Webseiten (eine Adresse je Zeile)',
  importPostsExportYours: 'Beiträge importieren oder Ihre exportieren.',
  importPosts: 'Beiträge importieren',
  importInto: 'Importieren in',
  dropFileHere: 'Ziehen Sie eine Datei hierher, oder',
  chooseOne: 'wählen Sie eine',
  chooseFileBring: 'Datei zum Importieren wählen',
  tableCsvJsonFeed:
    'Eine Tabelle (CSV, ein Tabellendokument, eine gespeicherte Webseite), JSON, ein Feed, eine Markdown-Datei oder ein Archiv von Markdown-Dateien. Sie können alles ansehen, bevor Beiträge entstehen.',
  importFromAddress: 'Oder von einer Adresse importieren:',
  addressesOnePerLine: 'Adressen (eine je Zeile)',
  address: 'Adresse',
  load: 'Laden',
  importHistory: 'Bisherige Importe',
  nothingYet: 'Noch nichts.',
  rows: '{rows, plural, one {# Zeile} other {# Zeilen}}',
  doneRows: '{done} von {rows}',
  postsRefusedRefused: '{made, plural, one {# Beitrag} other {# Beiträge}}, {refused} abgelehnt',
  posts2: '{made, plural, one {# Beitrag} other {# Beiträge}}',

  // ImportView
  viewPostsInBin: 'Beiträge im Papierkorb ansehen',
  lastSync: 'Letzter Abgleich: {words}',
  nextAtWhen: 'Nächster {when}.',
  rowsFor: '{rows, plural, one {# Zeile} other {# Zeilen}} für {blog}.',
  discardImport: 'Import verwerfen',
  previewImport: 'Vorschau des Imports',
  importPosts2: '{make, plural, one {# Beitrag} other {# Beiträge}} importieren',
  stop: 'Stopp',
  stopSyncing: 'Abgleich beenden',
  undoImport: 'Import rückgängig machen …',
  viewPosts: 'Beiträge ansehen',
  importExport2: '← Import und Export',
  reading: 'Wird gelesen …',
  table: 'Tabelle',
  tableRows: '{name} ({rows, plural, one {# Zeile} other {# Zeilen}})',
  tablesHeld: '{tables, plural, one {Eine Tabelle gefunden.} other {# Tabellen gefunden; importiert wird aus einer.}}',
  nothingImportedUntilConfirm: 'Vor Ihrer Bestätigung wird nichts importiert.',
  doneRows2: '{done, number} von {rows, plural, one {# Zeile} other {# Zeilen}}',
  canLeavePageImport: 'Sie können diese Seite verlassen; der Import läuft weiter.',
  postsCreated: 'Beiträge angelegt',
  changed: 'Geändert',
  alreadyImported: 'Schon importiert',
  rejected: 'Abgelehnt',
  cleanUps: 'Bereinigungen',
  notes: 'Anmerkungen',
  downloadReport: 'Bericht herunterladen',
  row: 'Zeile',
  result: 'Ergebnis',
  notesMoreReportHas: 'Und {notes} weitere; der Bericht enthält alle.',
  undoImport2: 'Diesen Import rückgängig machen?',
  postsWillMoveBin:
    '{made, plural, one {# Beitrag kommt} other {# Beiträge kommen}} für 30 Tage in den Papierkorb. Seither bearbeitete Beiträge bleiben.',
  undoImport3: 'Import rückgängig machen',

  // MatchPart
  idsGiven: 'Sind Autoren oder Kategorien als Nummern angegeben? <upload>Zuordnungstabelle hochladen</upload>.',
  idsGivenKnown:
    'Sind Autoren oder Kategorien als Nummern angegeben? <upload>Zuordnungstabelle hochladen</upload>; {names, plural, one {# Name} other {# Namen}} bekannt.',
  ownFieldLabel: 'Eigenes Feld: {label}',
  once: 'Einmal',
  everyHour: 'Stündlich',
  everySixHours: 'Alle sechs Stunden',
  everyDay: 'Täglich',
  matchColumns: 'Spalten zuordnen',
  chooseTitleColumn: 'Wählen Sie die Spalte mit dem Titel.',
  column: 'Spalte',
  sampleValues: 'Beispielwerte',
  importAs: 'Importieren als',
  values: '{filled, plural, one {# Wert} other {# Werte}}',
  whatNameBecomes: 'Was aus {name} wird',
  importOptions: 'Importoptionen',
  dateFormat: 'Datumsformat',
  tagSeparator: 'Trennzeichen der Schlagwörter',
  defaultAuthor: 'Autor, wenn keiner angegeben ist',
  defaultCategory: 'Kategorie, wenn keine angegeben ist',
  sync: 'Abgleich',
  importDrafts: 'Als Entwürfe importieren',
  copyPicturesLibrary: 'Bilder in die Bibliothek kopieren',
  cleanUpFormatting: 'Formatierung bereinigen',
  tableNames: 'Tabelle der Namen',

  // TakeOut
  markdownFrontMatter: 'Markdown mit Kopfdaten',
  oneFileEachPost:
    'Eine Datei je Beitrag mit seinen Bildern, in einem Archiv. Sie lässt sich hier oder anderswo wieder importieren.',
  everythingPostHasOne: 'Alles, was ein Beitrag hat, als eine Liste.',
  onePageEachPost: 'Eine Seite je Beitrag, mit seinen Bildern.',
  wholeBlogPages: 'Der ganze Blog als Seiten',
  listsPostsCategoriesArchive:
    'Listen, Beiträge, Kategorien, Archiv, Feeds, Stile und Bilder, um sie auf einen beliebigen Webserver zu laden.',
  wholeBlogOneAtom: 'Der ganze Blog als eine Atom-Datei.',
  exportPosts: 'Beiträge exportieren',
  futureAddressOptional: 'Künftige Adresse (optional)',

  // TrialPart
  trialSum:
    '<good>{make, plural, one {# Beitrag} other {# Beiträge}}</good> werden angelegt{skip, plural, =0 {} one {, # Zeile ist schon importiert} other {, # Zeilen sind schon importiert}}{refuse, plural, =0 {} one {, <bad># Zeile</bad> wird abgelehnt} other {, <bad># Zeilen</bad> werden abgelehnt}}.{tidied, plural, =0 {} one { # Bereinigung.} other { # Bereinigungen.}}',
  becomesPost: 'Wird ein Beitrag',
  refused: 'Abgelehnt',
  importPreview: 'Vorschau des Imports',
  outcome: 'Ergebnis',
  titleStartText: 'Titel und Anfang des Textes',
  categoryTags: 'Kategorie, Schlagwörter',

  // useImport
  postsBinWereEdited:
    '{posts, plural, one {# Beitrag ist} other {# Beiträge sind}} im Papierkorb. {were, plural, one {# wurde} other {# wurden}} seither bearbeitet und behalten.',
  postsBin: '{posts, plural, one {# Beitrag ist} other {# Beiträge sind}} im Papierkorb.',

  // words
  needsMapping: 'Spalten zuordnen',
  importing: 'Wird importiert',
  done: 'Fertig',
  stopped: 'Angehalten',
  failed: 'Fehlgeschlagen',
  undone: 'Rückgängig gemacht',
  ignore: 'Auslassen',
  slug: 'Slug',
  picture: 'Bild',
  pictureDescriptionAltText: 'Bildbeschreibung (Alternativtext)',
  dateDraft: '{date} (Entwurf)',
  draftPublished: 'Entwurf oder veröffentlicht',
  featured: 'Hervorgehoben',
  originalAddress: 'Ursprüngliche Adresse',
  uniqueId: 'Eindeutige Nummer',
  dayFirst2411: 'Tag zuerst: 24/11/2026',
  monthFirst1124: 'Monat zuerst: 11/24/2026',
}

export default de
