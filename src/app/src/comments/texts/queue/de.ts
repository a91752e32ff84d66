import type { Translated } from '../../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // BanDialog
  emailAddressMail: 'E-Mail-Adresse {mail}',
  nameAuthorIfNo: 'Name „{author}“ (wenn keine E-Mail angegeben ist)',
  ipAddress: 'IP-Adresse',
  ipRange: 'IP-Bereich',
  hostHost: 'Host {host}',
  linksHost: 'Links auf {host}',
  thirtyDays: 'Für dreißig Tage',
  permanently: 'Dauerhaft',
  forADay: 'Für einen Tag',
  forAWeek: 'Für eine Woche',
  forAYear: 'Für ein Jahr',
  markSpam: 'Als Spam markieren',
  isHidden: 'ist ausgeblendet',
  leaveUnchanged: 'Nicht ändern',
  banAuthor: '{author} sperren',
  newCommentsGoStraight: 'Neue Kommentare gehen gleich in den Spam. Der Verfasser erfährt davon nichts.',
  banBy: 'Sperren nach',
  otherPeopleMayShare:
    'Andere Menschen können dieselbe Adresse haben. Sie wird nach 30 Tagen gelöscht und mit ihr die Sperre.',
  duration: 'Dauer',
  earlierCommentsOfwriter: 'Frühere Kommentare ({ofWriter})',
  matchingComments: 'Passende Kommentare',
  ban: 'Sperren',

  // CommentActs
  edit2: 'Bearbeiten …',
  moveAnotherThread: 'In einen anderen Thread verschieben …',
  addInternalNote: 'Interne Notiz hinzufügen …',
  trustCommenter: 'Diesem Verfasser vertrauen',
  assignTo: 'Zuweisen an',
  unassign: 'Zuweisung aufheben',
  hideAllByCommenter: 'Alle dieses Verfassers ausblenden',
  shift2: 'Umschalt 2',
  hideWholeThread: 'Ganzen Thread ausblenden …',
  deletePermanently: 'Endgültig löschen …',
  editComment: 'Kommentar bearbeiten',
  readersSeeTeamEdited:
    'Leser sehen, dass das Team ihn bearbeitet hat. Der frühere Text bleibt im Moderationsprotokoll.',
  comment: 'Kommentar',
  change: 'Ändern',
  internalNote: 'Interne Notiz',
  onlyTeamSees: 'Nur das Team sieht sie.',
  note: 'Notiz',
  addNote: 'Notiz hinzufügen',
  hideWholeConversation: 'Den ganzen Thread ausblenden?',
  allWaitingPublishedComments:
    'Alle wartenden und veröffentlichten Kommentare zu „{threadTitle}“ werden ausgeblendet. Das lässt sich rückgängig machen.',
  hideEverything: 'Alles ausblenden',
  eraseCommentGood: 'Diesen Kommentar endgültig löschen?',
  textNameEmailRemoved:
    'Text, Name und E-Mail werden entfernt, auch aus dem Protokoll. Ein Platzhalter bleibt. Das lässt sich nicht rückgängig machen.',
  erase: 'Endgültig löschen',

  // MoveDialog
  moveAnotherConversation: 'In einen anderen Thread verschieben',
  repliesMovePermalinksKeep: 'Antworten gehen mit. Links auf den Kommentar gelten weiter.',
  thread: 'Thread',
  move: 'Verschieben',

  // ModerationView
  oldestFromWhen: ', der älteste {when}',
  commentsOldestModeratedDecidedtoday:
    '{total, plural, one {# Kommentar} other {# Kommentare}}{oldest}. Heute haben Sie {decidedToday} moderiert.',
  backQueue: '← Zur Warteschlange',
  nothingWaiting: 'Nichts wartet',
  noComments: 'Keine Kommentare',
  nothingWaitingNewComments: 'Nichts wartet. Neue Kommentare erscheinen hier von selbst.',
  noCommentsMatchFilter: 'Kein Kommentar passt zu diesem Filter.',
  answerAuthor: '{author} antworten',
  publishReply: 'Veröffentlichen und antworten',

  // NoticesView
  lastMail: 'Letzte E-Mail {when}.',
  noEmails: 'Keine E-Mails',
  reportedComments: 'Gemeldete Kommentare',
  waitingReportedComments: 'Wartende und gemeldete Kommentare',
  allCommentsExceptSpam: 'Alle Kommentare außer Spam',
  immediately: 'Sofort',
  mostHourly: 'Höchstens stündlich',
  everyHoursHoursMost: 'Höchstens alle {hours} Stunden',
  browserNotifications: 'Benachrichtigungen im Browser sind eingeschaltet.',
  notificationsBlockedAllowThem:
    'Benachrichtigungen sind blockiert. Erlauben Sie sie für diese Website in den Einstellungen des Browsers.',
  browserDoesNotSupport: 'Dieser Browser kann keine Benachrichtigungen zeigen.',
  saved: 'Gespeichert.',
  notificationsName: 'Ihre Benachrichtigungen für {name}.',
  byMail: 'Per E-Mail',
  mailEachCommentComes:
    'An {mail}. Zu jedem Kommentar gibt es Links, die ihn nach einem Tippen veröffentlichen, ausblenden oder als Spam markieren, auch am Telefon und ohne Anmeldung.',
  notifyMeAbout: 'Benachrichtigen über',
  howOften: 'Wie oft',
  pauseDuringQuietHours: 'In der Ruhezeit nicht stören',
  from: 'Von',
  sitesTimeZoneTimezone:
    'In der Zeitzone der Website ({timeZone}). Was in dieser Zeit anfällt, kommt danach zusammen in einer E-Mail.',
  browserNotifications2: 'Benachrichtigungen im Browser',
  numberWaitingCommentsAlways: 'Die Zahl der wartenden Kommentare steht immer in der oberen Leiste.',
  turnBrowserNotifications: 'Benachrichtigungen im Browser einschalten',

  // CasePart
  untilWhen: 'bis {when}',
  spamFilterScore: 'Spamfilter: <b>{percent}</b>',
  held2: 'Zurückgehalten',
  sentSpam: 'In den Spam gelegt',
  rejected2: 'Abgelehnt',
  heldAgainReportedBy: 'Wieder zurückgehalten: von Lesern gemeldet',
  reports: '{reports, plural, one {# Meldung} other {# Meldungen}}',
  earlierReportsDismissed: '{reportsKept, plural, one {# frühere Meldung} other {# frühere Meldungen}} verworfen.',
  spamFilterStillLearning: 'Spamfilter: lernt noch aus Ihren Entscheidungen.',
  signsSpam: 'Spricht für Spam:',
  signsGenuineComment: 'Spricht für einen echten Kommentar:',
  banned: 'Gesperrt',
  trusted: 'Vertraut',
  unban: 'Sperre aufheben',
  stopTrusting: 'Nicht mehr vertrauen',
  assignedAssignee: 'Zugewiesen an {assignee}',
  deleteNoteByPersonname: 'Notiz von {personName} löschen',
  remove: 'Entfernen',

  // ConversationPart
  commenterMail: 'Verfasser: <b>{name}</b>, {mail}',
  commenterNoMail: 'Verfasser: <b>{name}</b>, keine E-Mail angegeben',
  commenterHistory:
    '{before, plural, =0 {noch keine Kommentare veröffentlicht} one {# früherer Kommentar veröffentlicht} other {# frühere Kommentare veröffentlicht}}{spam, plural, =0 {} other {, # als Spam markiert}}',
  mentionFromAnotherSite: 'Erwähnung auf einer anderen Website',
  team: 'Team',
  emailConfirmedOne: 'E-Mail bestätigt · {history}',
  publishedbeforePublished: '{publishedBefore} veröffentlicht',
  firstComment: 'erster Kommentar',
  noEmailAddress: 'keine E-Mail-Adresse',
  closed: 'geschlossen',
  openUntilWhen: 'offen bis {when}',
  lookersAlsoViewing: '{lookers} sieht das auch gerade an.',
  alsoWaiting: '· wartet auch',
  edited: '· bearbeitet',
  pictureSentComment: 'Mit dem Kommentar gesendetes Bild',
  hideAllOfwriterBy: 'Alle {ofWriter} dieses Verfassers ausblenden',
  markAllOfwriterSpam: 'Alle {ofWriter} als Spam markieren',

  // QueueChoices
  removeFilter: 'Filter entfernen',
  removeFilterMeans: 'Die Kommentare bleiben.',
  removeFilterAsk: 'Den gespeicherten Filter „{name}“ entfernen?',
  reported: 'Gemeldet',
  fromNewCommenters: 'Von neuen Verfassern',
  withLinks: 'Mit Links',
  likelySpam: 'Wahrscheinlich Spam',
  assignedMe: 'Mir zugewiesen',
  filter: 'Filter',
  searchComments: 'Kommentare suchen',
  allSitesSites: 'Alle {sites} Websites',
  removeName: '{name} entfernen',
  saveFilter: 'Filter speichern',
  filterName: 'Name des Filters',

  // QueuePart
  queue2: 'Warteschlange',
  reportedByReaders: 'Von {reports, plural, one {# Leser} other {# Lesern}} gemeldet',

  // useCommentActs
  edited2: 'Bearbeitet',
  moved: 'Verschoben',
  assigned: 'Zugewiesen',
  unassigned: 'Zuweisung aufgehoben',
  noteAdded: 'Notiz hinzugefügt',
  noteRemoved: 'Notiz entfernt',

  // useCommentMarks
  bannedShownEarlierComments:
    'Gesperrt: {shown}, mit {decided, plural, one {# früheren Kommentar} other {# früheren Kommentaren}}',
  bannedShown: 'Gesperrt: {shown}',
  trustedShownEarlierComments:
    'Vertraut: {shown}, mit {decided, plural, one {# früheren Kommentar} other {# früheren Kommentaren}}',
  trustedShown: 'Vertraut: {shown}',
  banLifted: 'Sperre aufgehoben',
  noLongerTrusted: 'Nicht mehr vertraut',

  // useManyDecisions
  decidedAuthor: '{to}: {decided} von {author}',
  decidedThreadtitle: '{to}: {decided} in „{threadTitle}“',

  // useReplying
  publishedRepliedAuthor: 'Veröffentlicht und beantwortet: {author}',

  // RecordView
  textChanged: 'Text geändert',
  movedAnotherConversation: 'in einen anderen Thread verschoben',
  assignedAfter: '{after} zugewiesen',
  unassigned2: 'Zuweisung aufgehoben',
  deletedByCommenter: 'vom Verfasser gelöscht',
  deletedPermanently: 'endgültig gelöscht',
  byEmailLink: 'über einen Link in der E-Mail',
  onThePage: 'auf der Seite',
  theCommenter: 'Der Verfasser',
  allModerationActions: 'Alle Aktionen der Moderation.',
  readingRecord: 'Protokoll wird geladen …',
  noActionsYetEvery: 'Noch keine Aktionen. Jede Entscheidung, Bearbeitung und Verschiebung wird hier festgehalten.',
  action: 'Aktion',
  by: 'Von',
  deleted: 'Gelöscht',
  onThreadtitle: 'zu {threadTitle}',

  // useWaitingNotice
  commentsWaiting: '{waiting, plural, one {# Kommentar wartet} other {# Kommentare warten}}',
}

export default de
