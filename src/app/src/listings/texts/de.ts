import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // BuilderQuestions
  pagePosition: 'Seite und Platz',
  pageAddress: 'Adresse der Seite',
  insertAfterCssSelector: 'Einfügen nach (CSS-Selektor, oder in der Vorschau wählen)',
  automatic: 'automatisch',
  pageBecomesHomeBlog:
    'Diese Seite wird die Heimat des Blogs: Feeds, E-Mails und Suchmaschinen erfahren, dass seine Beiträge dort stehen.',
  internalName: 'Interner Name',

  // EntryParts
  picture: 'Bild',
  readingTime: 'Lesezeit',
  shareLinks: 'Links zum Teilen',
  layoutDefault: 'Wie im Layout',
  beside: 'Daneben',
  partOrderBelow: 'In der Reihenfolge unten',
  background: 'Hintergrund',
  excerptElseStartText: 'Auszug, sonst Anfang des Textes',
  excerptOnly: 'Nur Auszug',
  startText: 'Anfang des Textes',
  postPage: 'Beitragsseite',
  overlayPage: 'Über Ihrer Seite geöffnet',
  blogPage: 'Blogseite',
  sourceLink: 'Link zur Quelle',
  whatDoesEntryShow: 'Was zeigt ein Eintrag?',
  titleLinks: 'Der Titel führt zu',
  positionOrder: 'Platz und Reihenfolge',
  darkOverlayKeepsWhite: 'Ein dunkler Schleier hält weißen Text lesbar.',
  lengthsWording: 'Längen und Wortlaut',
  shortenTitlesCharacters: 'Titel kürzen auf (Zeichen)',
  never: 'nie',
  excerptLengthCharacters: 'Länge des Auszugs (Zeichen)',
  useWordCount: 'nach Wörtern zählen',
  excerptLengthWords: 'Länge des Auszugs (Wörter)',
  endFullSentenceIf: 'Möglichst mit einem ganzen Satz enden',
  readMoreLinkText: 'Text des Links „Weiterlesen“',
  separator: 'Trennzeichen',
  dateFormat: 'Datumsformat',
  dateAuthorAboveTitle: 'Datum und Autor über dem Titel',
  generatePicturePostsWithout: 'Beiträgen ohne Bild eines erzeugen',

  // FieldConditions
  text2: 'ist',
  contains: 'enthält',
  isAtLeast: 'ist mindestens',
  isAtMost: 'ist höchstens',
  isFilledIn: 'ist ausgefüllt',
  customFields: 'Eigene Felder',
  customField: 'Eigenes Feld',
  comparison: 'Vergleich',
  value: 'Wert',
  removeConditionLabel: 'Bedingung zu {label} entfernen',
  addCustomFieldCondition: 'Bedingung an ein eigenes Feld hinzufügen',

  // HowItLooks
  beforeText: 'Vor dem Text',
  afterText: 'Hinter dem Text',
  appearance: 'Aussehen',
  savedStyle: 'ein gespeicherter Stil',
  maximumColumns: 'Höchstzahl der Spalten',
  picturePosition: 'Platz des Bildes',
  pictureRatio: 'Seitenverhältnis des Bildes',
  autoAdvanceSeconds: 'Von selbst weiter (Sekunden)',
  heading: 'Überschrift',
  headingIntroductionFooter: 'Überschrift, Einleitung und Fußzeile',
  headingLevel: 'Ebene der Überschrift',
  headingLink: 'Link der Überschrift',
  introduction: 'Einleitung',
  footerLinkText: 'Text des Links in der Fußzeile',
  footerLinkAddress: 'Adresse des Links in der Fußzeile',
  linkFeed: 'Link zum Feed',

  // HowMany
  newest: 'Neueste',
  oldest: 'Älteste',
  byTitle: 'Nach Titel',
  mostCommented: 'Meistkommentierte',
  lastChanged: 'Zuletzt geänderte',
  randomChangesDaily: 'Zufällig (täglich neu)',
  manual: 'Von Hand',
  related: 'Verwandte',
  none2: 'Keines',
  newerOlderLinks: 'Links Neuer/Älter',
  pageNumbers: 'Seitenzahlen',
  loadMoreButton: 'Taste „Mehr laden“',
  onTop: 'Oben',
  atTheBottom: 'Unten',
  howManyWhatOrder: 'Wie viele, in welcher Reihenfolge?',
  fittingMatching: '{fitting} passen',
  show: 'Zeigen',
  all2: 'alle',
  order: 'Reihenfolge',
  postsMostSimilarOne:
    'Beiträge, die dem auf der Seite am meisten ähneln. Anderswo die neuesten. Die Vorschau geht von Ihrem neuesten Beitrag aus.',
  newPosts: 'Neue Beiträge',
  paging: 'Blättern',

  // LayoutChoice
  layout: 'Layout',

  // PartOrder
  dateAuthor: 'Datum und Autor',
  linkEnd: 'Link am Ende',

  // WhichPosts
  notName: 'nicht in {name}',
  featured: 'hervorgehoben',
  withPicture: 'mit Bild',
  maxagedaysDays: '{maxAgeDays, plural, one {# Tag} other {# Tage}}',
  filledIn: 'ausgefüllt',
  noneYet: 'noch keiner',
  categoriesAny: 'Kategorien, eine von',
  categoriesNone: 'Kategorien, keine von',
  tagsAny: 'Schlagwörter, eines von',
  tagsAll: 'Schlagwörter, alle von',
  tagsNone: 'Schlagwörter, keines von',
  chooseLeastOneBlog: 'Wählen Sie mindestens einen Blog.',
  hideConditions: 'Bedingungen ausblenden',
  addConditions: 'Bedingungen hinzufügen',
  wordsTitle: 'Wörter im Titel',
  maximumAgeDays: 'Höchstalter (Tage)',
  any: 'beliebig',
  maximumPerBlog: 'Höchstzahl je Blog',
  featuredPostsOnly: 'Nur hervorgehobene Beiträge',
  postsPictureOnly: 'Nur Beiträge mit Bild',
  excludeCurrentPost: 'Ohne den Beitrag der Seite',

  // BuilderView
  livePathnameLastSeen: 'Erschienen auf {pathname}, zuletzt gesehen {when}.',
  noLongerFoundIts: 'Auf ihrer Seite nicht mehr gefunden.',
  notSeenPageYet: 'Noch auf keiner Seite gesehen.',
  whereSaving: '{where} Wird gespeichert …',
  whereSaved: '{where} Gespeichert.',
  whereNotSavedCheck: '{where} Nicht gespeichert. Prüfen Sie das markierte Feld.',
  copyCreatedName: 'Kopie angelegt: „{name}“.',
  nameArchivedPagesUse: '„{name}“ archiviert. Seiten, die sie verwenden, zeigen sie weiter.',
  nameDeletedPagesKeep: '„{name}“ gelöscht. Seiten behalten die Einträge, die in ihrem HTML stehen.',
  listing: 'Liste',
  checkPage: 'Seite prüfen',
  openingListing: 'Liste wird geöffnet …',
  whyPostMissing: 'Warum fehlt ein Beitrag?',
  duplicate: 'Duplizieren',
  archive: 'Archivieren',
  deleteListing: 'Liste löschen',
  removeName: '„{name}“ entfernen?',
  pagesSnippetKeepCurrent:
    'Seiten mit diesem Code behalten die jetzigen Einträge, bekommen aber keine neuen. Das lässt sich nicht rückgängig machen.',
  removeListing: 'Liste entfernen',

  // layouts
  lines: 'Zeilen',
  rows: 'Reihen',
  columns: 'Spalten',
  bricks: 'Mauerwerk',
  zigzag: 'Zickzack',
  carousel: 'Karussell',
  ticker: 'Laufband',
  tagCloud: 'Schlagwortwolke',
  search: 'Suche',
  wholeBlog: 'Ganzer Blog',

  // listingFile
  nameNotListingFile: '„{name}“ ist keine Listendatei. Wählen Sie eine aus Antiphon exportierte Datei.',

  // ListingsView
  live: 'Erschienen',
  removedFromPage: 'Von der Seite entfernt',
  notFoundYet: 'Noch nicht gefunden',
  importedNotFoundSite: 'Importiert. Auf dieser Website nicht gefunden: {leftOut}.',
  nameImportedItsOwn: '„{name}“ importiert, mit eigenem Code.',
  nameRestored: '„{name}“ wiederhergestellt.',
  latestFromName: 'Neues aus {name}',
  listingsInplacePlace: '{used, plural, one {# Liste} other {# Listen}}, {inPlace} erschienen.',
  newListing: 'Neue Liste',
  fileListing: 'Datei einer Liste',
  readingListings: 'Listen werden geladen …',
  noListingYet: 'Noch keine Liste',
  listingShowsPostsPage: 'Eine Liste zeigt Ihre Beiträge auf einer Seite Ihrer Website, in deren Stil.',
  listingShowsPostsPageSite:
    'Eine Liste zeigt Ihre Beiträge auf einer Seite Ihrer Website, in deren Stil. Verbinden Sie zuerst einen Blog.',
  searchListings: 'Listen suchen',
  activeUsed: 'Aktiv {used}',
  archivedAway: 'Archiviert {away}',
  noListingsFound: 'Keine Listen gefunden.',
  showAll: 'Alle zeigen',
  lastSeen: 'Zuletzt gesehen',
  shows: 'Zeigt',
  restore: 'Wiederherstellen',
  allPosts: 'alle Beiträge',
  posts2: '{posts, plural, one {# Beitrag} other {# Beiträge}}',

  // CheckDialog
  right: 'richtig',
  canImproved: 'zu verbessern',
  wrong: 'falsch',
  installationCheck: 'Prüfung der Einbindung',
  checkAgain: 'Noch einmal prüfen',
  fetchingPageVisitorWould: 'Die Seite wird abgerufen wie von einem Besucher …',
  installedCorrectly: 'Richtig eingebunden.',
  notWorkingYetSee: 'Funktioniert noch nicht. Siehe unten.',
  openPage: 'Seite öffnen',

  // ExplainDialog
  searchByTitle: 'Nach Titel suchen',
  noPostHasThese: 'Kein Beitrag hat diese Wörter im Titel.',

  // HostPreview
  realContent: 'Echte Inhalte',
  longTitles: 'Lange Titel',
  noPictures: 'Keine Bilder',
  noPosts: 'Keine Beiträge',
  pageListing: 'Ihre Seite mit der Liste darin',
  previewNotPageYet: 'Vorschau: noch nicht auf Ihrer Seite; gezeigt an einem vorgeschlagenen Platz',
  testContent: 'Testinhalte',
  testDisplay: 'Testanzeige',
  rightLeft: 'Von rechts nach links',
  clickElementShouldFollow: 'Klicken Sie auf das Element, nach dem sie stehen soll',
  choosePosition: 'Platz wählen',
  loadingPage: 'Ihre Seite wird geladen …',
  listingItselfReady: 'Die Liste selbst ist fertig.',
  pageListing2: 'Ihre Seite mit der Liste darin',

  // SnippetFoot
  scriptbytesKbScript: '{scriptBytes} kB Skript',
  spaceReservedScript: 'Platz reserviert · {script}',
  entriesHtmlScript: '{entries, plural, one {# Eintrag} other {# Einträge}} im HTML · {script}',
  heightAdjustsAutomaticallyScript: 'Höhe passt sich an · {script}',
  noScript: 'kein Skript',
  entriesSnapshot: '{entries, plural, one {# Eintrag} other {# Einträge}}, eine Momentaufnahme',
  wayEmbed: 'Art der Einbindung',
  less: 'Weniger',
  installationSteps: 'Schritte der Einbindung',
  includeEntriesHtmlSearch: 'Einträge in das HTML aufnehmen (für Suchmaschinen)',
  orSeparately: 'Oder getrennt:',
  copyHeadPart: 'Teil für head kopieren',
  headNamesFeeds: 'Der Teil für den Kopf sagt Browsern und Feed-Readern auch, wo der Feed des Blogs liegt.',
  head: 'head',
  copyBodyPart: 'Teil für body kopieren',
  body: 'body',

  // PostOrder
  pinnedPinned: 'Angeheftet: {pinned}',
  pinPosts: 'Beiträge anheften',
  pinTopTitle: 'Oben anheften: {title}',

  // BoxLines
  maximumWidth: 'Höchstbreite',
  maximumHeightThenScrolls: 'Höchsthöhe (dann scrollen)',
  innerSpacing: 'Innenabstand',
  horizontalGap: 'Abstand waagerecht',
  verticalGap: 'Abstand senkrecht',
  border: 'Rahmen',
  roundedCorners: 'Abgerundete Ecken',
  soft: 'Sanft',
  deep: 'Tief',
  line: 'Linie',
  auto: 'automatisch',
  px: 'px',
  shadow: 'Schatten',
  betweenEntries: 'Zwischen Einträgen',
  addressPicture: 'Adresse des Bildes',

  // ColourLine
  fromSelector: 'von {selector}',
  fromPage: 'von der Seite',
  pickColourLabel: 'Farbe wählen: {label}',
  inherited: 'übernommen',
  ratioContrastTooLow: '{ratio}, Kontrast zu gering',
  usePagesOwnLabel: 'Wie auf der Seite: {label}',
  reset: 'Zurücksetzen',
  useNearestClosestReadable: '{nearest} verwenden (nächste lesbare)',

  // ColourLines
  links: 'Links',
  byline: 'Autorenzeile',
  accent: 'Akzent',
  labelDark: '{label}, dunkel',

  // LookPart
  matchVisitorsSetting: 'Wie beim Besucher eingestellt',
  styleNameSavedAll: 'Stil „{name}“ für alle Listen gespeichert.',
  matchMySite: 'Wie meine Website',
  oneTextHasToo: 'Ein Text hat zu wenig Kontrast',
  faintTextsHaveToo: '{faint} Texte haben zu wenig Kontrast',
  spacingBordersShadow: 'Abstände, Rahmen und Schatten',
  customCssProblems: 'Eigenes CSS: {cssProblems, plural, one {# Problem} other {# Probleme}}',
  customCss: 'Eigenes CSS',

  // MatchDialog
  headings: 'Überschriften',
  bodyFont: 'Schrift des Textes',
  sizeText: 'Größe des Textes',
  fontHeadings: 'Schrift der Überschriften',
  sizeHeadings: 'Größe der Überschriften',
  weightHeadings: 'Stärke der Überschriften',
  radius: 'Rundung',
  spacingBetweenEntries: 'Abstand zwischen Einträgen',
  matchAddress: 'Anpassen an {address}',
  analysingPage: 'Seite wird ausgewertet …',
  thePage: 'der Seite',
  readSheetsMostInherited:
    'Gelesen in {sheets}. Das meiste davon wird ohnehin übernommen. Übernommene Werte bleiben fest, auch wenn sich die Seite ändert.',
  styleSheetsCouldNot:
    '{missing, plural, one {# Stylesheet konnte} other {# Stylesheets konnten}} nicht geladen werden: {sheets}.',
  selectorSheet: '{selector} in {sheet}',
  browserDefault: 'Vorgabe des Browsers',
  applyAll: 'Alle übernehmen',
  applyTaken: '{taken} übernehmen',
  selectNone: 'Nichts auswählen',
  selectAll: 'Alles auswählen',

  // PartCss
  cssRulesFor:
    "CSS-Regeln für Teile der Liste, z. B. <code>title '{' letter-spacing: .02em '}'</code>. Sie gelten nur für diese Liste. Teile: {parts}.",
  cssParts: 'CSS für Teile',
  lineLine: 'Zeile {line}',

  // SharedLook
  deleteStyleMeans: 'Listen, die ihn verwenden, behalten seine Farben und Schriften als eigene.',
  deleteStyleAsk: 'Den Stil „{name}“ löschen?',
  usedBy: 'Verwendet von <listings>{others, plural, one {# Liste} other {# Listen}}</listings>.',
  custom: 'Eigener',
  style: 'Stil',
  whatChangeHereChanges: 'Was Sie hier ändern, ändert sie.',
  whatChangeHereChangesAll: 'Was Sie hier ändern, ändert alle {others}.',
  deleteStyle: 'Stil löschen',
  editStyle: 'Stil bearbeiten',
  editAllOthers: 'Für alle {others} bearbeiten',
  makeCustomListing: 'Für diese Liste eigens anpassen',
  saveStyle: 'Als Stil speichern',
  styleName: 'Name des Stils',

  // TypeLines
  titles: 'Titel',
  family: 'Schriftfamilie',
  weight: 'Stärke',
  pagesOwn: 'wie auf der Seite',
  fontLabel: 'Schrift von {label}',
  sizeLabelPixels: 'Größe von {label} in Pixeln',
  weightLabel: 'Stärke von {label}',

  // wholeLook
  lightDarkByVisitors: 'hell oder dunkel, wie beim Besucher eingestellt',
  matchesPage: 'wie die Seite',
  ownCustomised: '{own} angepasst',

  // ways
  pageEditorAddHtml:
    'Fügen Sie im Editor Ihrer Seite einen Block für HTML, Code oder Einbettung ein, wo die Liste erscheinen soll, und darin den Code.',
  savePublishPageThen:
    'Speichern und veröffentlichen Sie die Seite, kommen Sie dann zurück und drücken Sie „Seite prüfen“.',
  scriptRecommended: 'Skript (empfohlen)',
  copySnippet2: 'Kopieren Sie den Code.',
  publishLaterChangesHere: '{publish} Spätere Änderungen hier brauchen kein neues Einfügen.',
  someSiteBuildersWant:
    'Manche Baukästen wollen zwei Teile: head (einmal je Seite) und body. Kopieren Sie sie einzeln.',
  contentSecurityPolicyAllow:
    'Bei einer Content-Security-Policy erlauben Sie die Adresse von Antiphon in script-src und connect-src; eingebettete Skripte oder Stile braucht es nicht.',
  frameIframe: 'Rahmen (iframe)',
  editorsStripScriptsWithout:
    'Für Editoren, die Skripte entfernen: ohne die letzte Zeile behält der Rahmen eine feste Höhe und lässt sich scrollen.',
  doesNotUsePages: 'Er übernimmt den Stil Ihrer Seite nicht, und Suchmaschinen rechnen ihn Ihrer Seite nicht zu.',
  serverInclude: 'Einbindung auf dem Server',
  haveServerFetchAddress: 'Lassen Sie Ihren Server diese Adresse abrufen und das Ergebnis einfügen. Siehe Beispiele.',
  keepAnswerMinuteLast:
    'Heben Sie die Antwort eine Minute auf, und die letzte gute für den Fall, dass Antiphon nicht erreichbar ist.',
  sendEtagBackIf: 'Senden Sie das ETag als If-None-Match zurück, um Datenverkehr zu sparen.',
  staticHtml: 'Festes HTML',
  publishPasteAgainWhen: '{publish} Fügen Sie es neu ein, wenn die Prüfung sagt, dass es veraltet ist.',
  neverChangesByItself: 'Es ändert sich nie von selbst. Nur dort verwenden, wo weder Skript noch Rahmen erlaubt ist.',

  // IncludeExamples
  exampleFor: 'Beispiel für',
  copyExample: 'Beispiel für {language} kopieren',

  // controls
  filter: 'Filter',
  blogs: 'Blogs',
}

export default de
