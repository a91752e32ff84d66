import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // AddressesPart
  webmentionPingbackTrackback: 'Webmention, Pingback und Trackback',
  postsOurPagesDo:
    'Beiträge auf unseren Seiten tun das von selbst. Stehen Ihre Beiträge auf eigenen Seiten, fügen Sie diese Zeile in deren head ein.',
  copyLine: 'Zeile kopieren',
  manualForm: 'Formular zum Eintragen von Hand',
  anyoneCanReportLink: 'Hier kann jeder einen Link auf Sie melden.',

  // MentionPart
  nextFetch: 'Nächster Abruf {when}.',
  readWhen: 'gelesen {when}',
  publishedWhen: 'veröffentlicht {when}',
  viaWay: '{kind} {host} · über {way}, {when}',
  about: 'Zu',
  banHost: '{host} sperren',
  fetchAgain: 'Noch einmal abrufen',

  // MentionsView
  mentionsWaitingPublicPublished:
    '{waiting, plural, one {# Erwähnung wartet} other {# Erwähnungen warten}}, {public} veröffentlicht.',
  mentions: 'Erwähnungen',
  webmentionAddresses: 'Webmention-Adressen',
  received: 'Eingegangen',
  allMentions: '← Alle Erwähnungen',

  // useMentions
  hostBannedItsMentions: '{host} gesperrt. Seine Erwähnungen sind als Spam markiert.',
  fetchingPageAgain: 'Die Seite wird noch einmal abgerufen.',

  // words
  linkedFrom: 'Verlinkt von',
  replyOn: 'Antwort auf',
  likesThisOn: 'Gefällt auf',
  repostedOn: 'Geteilt auf',
  link: 'Link',
  like: 'Like',
  repost: 'Geteilt',
  waiting: 'Wartet',
  hiddenSpam: 'Ausgeblendet oder Spam',
  notFetchedYet: 'Noch nicht abgerufen',
  rejectedNoLink: 'Abgelehnt (kein Link)',
  noMentionWaiting: 'Keine Erwähnung wartet',
  whenAnotherSiteLinks: 'Wenn eine andere Website auf einen Beitrag verlinkt und uns das meldet, erscheint es hier.',
  noPublishedMentionsYet: 'Noch keine veröffentlichten Erwähnungen',
  publishedMentionsAppearComments: 'Veröffentlichte Erwähnungen stehen bei den Kommentaren ihres Beitrags.',
  nothingWasSetAside: 'Nichts beiseitegelegt',
  whatHideMarkSpam: 'Was Sie ausblenden oder als Spam markieren, bleibt hier.',
  everyPageHasBeen: 'Jede Seite ist gelesen',
  newMentionsFetchedWithin: 'Neue Erwähnungen werden innerhalb von Sekunden abgerufen.',
  everyPageHadIts: 'Jede Seite hatte ihren Link',
  mentionsWhosePageDoes: 'Erwähnungen, deren Seite nicht auf den Beitrag verlinkt, stehen hier.',
}

export default de
