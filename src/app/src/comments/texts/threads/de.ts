import type { Translated } from '../../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // choices
  text2: 'Ein',
  off: 'Aus',
  yes: 'Ja',
  no: 'Nein',
  everyComment: 'Jeder Kommentar',
  firstTimeCommenters: 'Wer zum ersten Mal kommentiert',
  commentsLinks: 'Kommentare mit Links',
  commentsAboveSpamThreshold: 'Kommentare über der Spamschwelle',
  none2: 'Keine',
  upvotesOnly: 'Nur dafür',
  upDown: 'Dafür und dagegen',
  oldestFirst: 'Älteste zuerst',
  newestFirst: 'Neueste zuerst',
  bestFirst: 'Beste zuerst',
  mostLiked: 'Beliebteste',
  leastLiked: 'Unbeliebteste',
  mostAnswered: 'Meiste Antworten',
  noReplies: 'Keine Antworten',
  one: 'Eine',
  two: 'Zwei',
  three: 'Drei',
  everyone: 'Alle',
  confirmedEmailAddress: 'Bestätigte E-Mail-Adresse',
  invitedPeople: 'Eingeladene',
  teamOnly: 'Nur das Team',

  // CommentSettingsView
  theSite: 'der Website',
  setName: 'Für {name} festgelegt.',
  savedSite: 'Für die Website gespeichert.',
  blogsInheritFromSite:
    'Blogs übernehmen, was für die Website gilt, Beiträge, was für ihren Blog gilt, wenn nichts anderes festgelegt ist.',
  appliesTo: 'Gilt für',
  readersCanComment: 'Leser können kommentieren',

  // LayerDialog
  settingsDontChangeInherited: 'Was Sie nicht ändern, gilt wie bei {from}.',

  // LayerLines
  commentingModeration: 'Kommentieren und Moderation',
  confirmedCommentsHeldUntil: 'Bestätigt: Kommentare warten, bis der Verfasser seine E-Mail-Adresse bestätigt.',
  emailAddressesInvitedCommenters: 'E-Mail-Adressen der Eingeladenen',
  onePerLine: 'Eine je Zeile.',
  neverShown: 'Sie wird nie gezeigt.',
  rulesTakePrecedence: 'Regeln gehen vor.',
  holdCommentsContaining: 'Zurückhalten bei diesen Wörtern',
  onePerLineMatches: 'Eines je Zeile. * steht für beliebige Buchstaben.',
  rejectCommentsContaining: 'Ablehnen bei diesen Wörtern',
  commenterSeesMessageCan: 'Der Verfasser sieht eine Nachricht und kann den Text ändern.',
  wordsAreRules: 'Wörter, bei denen zurückgehalten oder abgelehnt wird:',
  n0NeverAfterPublish: '0 = nie. Veröffentlichen Sie ihn dann wieder, verdoppelt sich die Zahl.',
  reports2: 'Meldungen',
  displayInteraction: 'Darstellung und Mitmachen',
  upEightEmojiSeparated: 'Bis zu acht Emojis, durch Leerzeichen getrennt. Leer lassen für keine.',
  productServiceAverageDistribution:
    'Für ein Produkt oder eine Leistung. Durchschnitt und Verteilung stehen über den Kommentaren und für Suchmaschinen bereit.',
  locationCameraDataRemoved:
    'Orts- und Kameradaten werden entfernt. Bilder werden geprüft, außer bei vertrauten Verfassern.',
  mentionsAppearCommentsAfter: 'Erwähnungen erscheinen nach der Freigabe bei den Kommentaren.',
  readersCanChangeBest: 'Leser können sie ändern. „Beste“ wägt Stimmen danach, wie viele es sind.',
  othersOpenFromShow: 'Die übrigen öffnet „Mehr Kommentare zeigen“.',
  comments2: 'Kommentare',
  sameDevice0No: 'Am selben Gerät. 0 = keine Bearbeitung. Löschen kann man seinen Kommentar immer.',
  minutes: 'Minuten',
  kindWeReadEverything: 'Seien Sie freundlich; wir lesen alles vor der Dämmerung.',
  opensAboveForm: 'Öffnen sich über dem Formular.',
  languageButtonsMessagesE: 'Sprache der Tasten und Meldungen, z. B. de. Leer lassen für die Sprache der Website.',
  closing: 'Schließen',
  daysAfterPostWas: 'Tage nach der Veröffentlichung eines Beitrags; 0 für nie.',
  days: 'Tage',
  siteTimeZoneLeave: 'Zeitzone der Website. Leer lassen für nie.',
  seasonOverSeeSeptember: 'Die Saison ist vorbei; bis September.',

  // PostLayer
  commentsPost: 'Kommentare zu diesem Beitrag',
  takeOver: 'Übernehmen',

  // PostsThatDiffer
  postsDifferOff:
    '{posts, plural, one {<b># Beitrag</b> weicht} other {<b># Beiträge</b> weichen}} ab: Dort sind Kommentare aus. Die Vorgabe allein erreicht sie nicht; neue Beiträge folgen ihr.',
  postsDifferOn:
    '{posts, plural, one {<b># Beitrag</b> weicht} other {<b># Beiträge</b> weichen}} ab: Dort sind Kommentare ein. Die Vorgabe allein erreicht sie nicht; neue Beiträge folgen ihr.',
  commentsOlderPosts: 'Kommentare sind für {posts, plural, one {# älteren Beitrag} other {# ältere Beiträge}} ein.',
  commentsOffOlderPosts: 'Kommentare sind für {posts, plural, one {# älteren Beitrag} other {# ältere Beiträge}} aus.',
  publishedFrom: 'Veröffentlicht ab',
  inTheCategory: 'In der Kategorie',
  turnCommentsPosts: 'Kommentare für {touched, plural, one {# Beitrag} other {# Beiträge}} einschalten',
  turnCommentsOffPosts: 'Kommentare für {touched, plural, one {# Beitrag} other {# Beiträge}} ausschalten',

  // SettingFrame

  // CheckPart
  hasNoCommentSnippet: 'hat keinen Kommentar-Code',
  pasteSnippetSavePublish: 'Fügen Sie den Code ein, speichern und veröffentlichen Sie die Seite.',
  carriesMoreThanOne: 'enthält mehr als einen Thread ({value})',
  removeAllButOne: 'Entfernen Sie alle bis auf einen; sonst sehen Besucher zwei Formulare.',
  hasThreadWithoutIdentifier: 'hat einen Thread ohne Kennung',
  addOneOtherwiseNew: 'Ergänzen Sie eine; sonst beginnt unter einer neuen Adresse ein neuer Thread.',
  showsPlaceholderValue: 'zeigt den Platzhalter {value}',
  templateDoesNotFill:
    'Die Vorlage füllt Platzhalter dort nicht aus. Fügen Sie den Code in die Vorlage der Beiträge ein.',
  sharesIdentifierValueAnother: 'teilt den Thread „{value}“ mit einer anderen Seite',
  bothPagesShowSame:
    'Beide Seiten zeigen dieselben Kommentare. Geben Sie jeder eine eigene kanonische Adresse oder im Code eine eigene Kennung.',
  namesValueWhichNot: 'nennt {value}, was nicht ihre kanonische Adresse ist',
  makeBothSameSo: 'Machen Sie beide gleich, damit Links auf Kommentare hierher führen.',
  doesNotLoadOur: 'lädt unser Skript nicht',
  pasteSnippetWholeWithout: 'Fügen Sie den Code ganz ein; ohne das Skript bekommen Leser nur einen Link.',
  carriesThreadAnotherSite: 'enthält den Thread einer anderen Website ({value})',
  copySnippetSite: 'Kopieren Sie den Code dieser Website.',
  pageAddressesOnePer: 'Adressen von Seiten (eine je Zeile)',
  checkPages: 'Seiten prüfen',
  pagesOk: '{good, plural, one {# Seite} other {# Seiten}} in Ordnung.',

  // MovesPart
  commentsMoveOldId:
    '{comments, plural, one {# Kommentar zieht} other {# Kommentare ziehen}} um; die alte Kennung leitet weiter',
  commentsMergeBeforeThere:
    '{comments, plural, one {# Kommentar kommt} other {# Kommentare kommen}} dort zu {before} hinzu',
  alreadySameThread: 'schon derselbe Thread',
  noThreadId: 'kein Thread mit dieser Kennung',
  newIdMissing: 'neue Kennung fehlt',
  conversationsMoved: '{conversations, plural, one {# Thread} other {# Threads}} verschoben.',
  how: 'Wie',
  fromList: 'Nach einer Liste',
  byAddressPrefix: 'Nach Anfang der Adresse',
  oldNewIdOne: 'Alte und neue Kennung, ein Paar je Zeile',
  visitPageVisit: 'besuch-seite,besuch',
  identifiersAddressesSeparatedBy:
    'Kennungen oder Adressen, durch Komma getrennt. Hat ein Thread den neuen Namen schon, werden beide vereint.',
  oldPrefix: 'Alter Anfang',
  newPrefix: 'Neuer Anfang',
  noMatchingThreads: 'Keine passenden Threads.',
  moveConversations: '{conversations, plural, one {# Thread} other {# Threads}} verschieben',

  // PageLayer
  setTitle: 'Für {title} festgelegt.',
  commentsTitle: 'Kommentare zu {title}',

  // PlacePart
  postsWrittenHereAlready:
    'Hier geschriebene Beiträge haben bereits Kommentare. Jede andere Seite kann auch welche haben, etwa ein Produkt oder ein Programm.',
  where: 'Wo',
  singlePage: 'Einzelne Seite',
  allPagesTemplate: 'Alle Seiten einer Vorlage',
  oneSnippetServesEvery:
    'Derselbe Code gilt für alle Seiten: Jede bekommt einen eigenen Thread, den ihre kanonische Adresse bestimmt.',
  addressesMayChange: 'Adressen können sich ändern: feste Kennung verwenden',
  templateMustOutputPermanent:
    'Ihre Vorlage gibt etwas aus, das sich nie ändert, etwa die Nummer des Beitrags. Wählen Sie ihre Schreibweise für Platzhalter und geben Sie den Namen an.',
  idPlaceholder: 'Platzhalter der Kennung',
  permanentIdOptional: 'Feste Kennung (optional)',
  visitPage: 'besuch-seite',
  commentsStayIdEven: 'Die Kommentare bleiben bei dieser Kennung, auch wenn sich die Adresse ändert.',
  addressPage: 'Adresse der Seite',
  createSnippet: 'Code erstellen',
  pasteWhereConversationShould:
    'Fügen Sie dies dort ein, wo die Kommentare erscheinen sollen, speichern und veröffentlichen Sie.',
  optionalPasteWhereWant:
    'Optional: Fügen Sie dies ein, wo die Zahl der Kommentare stehen soll. Sie verlinkt auf die Kommentare.',
  countInListTemplate:
    'Optional: die Zahl der Kommentare in einer Liste von Beiträgen. Ersetzen Sie ADDRESS-OF-THE-POST durch das, was Ihre Vorlage für den Link zum Beitrag ausgibt.',
  copyCountSnippet: 'Code für die Zahl kopieren',

  // ThreadsView
  allThreads: 'Alle Threads',
  threads2: '{threads, plural, one {# Thread} other {# Threads}}',
  addCommentsPage: 'Kommentare auf einer Seite anbieten',
  moveMergeThreads: 'Threads verschieben oder vereinen',
  searchThreads: 'Threads suchen',
  noThreadsFound: 'Keine Threads gefunden.',
  noThreadsYetOne: 'Noch keine Threads. Einer entsteht mit dem ersten Kommentar.',
  lastComment: 'Letzter Kommentar',

  // TransferPart
  csvSpreadsheets: 'CSV, für Tabellen',
  newCommentsNewThreads:
    '{comments, plural, one {# neuer Kommentar} other {# neue Kommentare}} in {threads, plural, one {# neuen Thread} other {# neuen Threads}} und bestehenden',
  knownAlreadyImportedUnchanged: '{known} schon importiert, unverändert',
  repliesWhoseParentMissing:
    '{orphans, plural, one {# Antwort ohne ihren Vorgänger wird ein Kommentar} other {# Antworten ohne ihren Vorgänger werden Kommentare}} der obersten Ebene',
  commentsImported: '{comments, plural, one {# Kommentar} other {# Kommentare}} importiert.',
  exportAllComments: 'Alle Kommentare exportieren:',
  commentsFile: 'Datei mit Kommentaren',
  holdAllModeration: 'Alle zur Prüfung zurückhalten',
  previewImport: 'Vorschau des Imports',
  commentsCannotImported:
    '{refused, plural, one {# Kommentar kann} other {# Kommentare können}} nicht importiert werden:',
  numberPlace: 'Nummer {place}',
  theFile: 'Die Datei',
  importComments: '{comments, plural, one {# Kommentar} other {# Kommentare}} importieren',
  showWriterPictures: 'Zu jedem Kommentar ein Bild zeigen',
  initialsOrAuthorPicture: 'Die Initialen des Verfassers, bei Autoren der Website deren Bild.',
}

export default de
