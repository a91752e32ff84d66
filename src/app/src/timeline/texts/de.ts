import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // ChannelsView
  aWeek: 'Eine Woche',
  aDay: 'Ein Tag',
  channelsScheduledDeliveriesFailed:
    '{channels, plural, one {# Kanal} other {# Kanäle}}, {open, plural, one {# geplante Zustellung} other {# geplante Zustellungen}}, {failed} fehlgeschlagen.',
  channelsScheduledDeliveries:
    '{channels, plural, one {# Kanal} other {# Kanäle}}, {open, plural, one {# geplante Zustellung} other {# geplante Zustellungen}}.',
  pauseAll: 'Alle anhalten',
  resumeAll: 'Alle fortsetzen',
  addChannel: 'Kanal hinzufügen',
  readingChannels: 'Kanäle werden geladen …',
  sendPostsFurther: 'Beiträge weiter hinaustragen',
  addChannelSendThem:
    'Fügen Sie einen Kanal hinzu, um sie weiterzusenden: an ein soziales Netzwerk, die Website eines Partners, einen Feed-Hub (WebSub), an Seiten, auf die Sie verlinken, oder an Ihr eigenes Programm.',
  period: 'Zeitraum',
  dragQueuedDeliveryReschedule: 'Ziehen Sie eine wartende Zustellung, um sie zu verlegen (Umschalt + Pfeil: ein Tag).',
  timeLine: 'Zeitleiste',
  nameEarlier: '{name} früher',
  today: 'Heute',
  nameLater: '{name} später',
  showingLatest600Deliveries: 'Gezeigt werden die letzten 600 Zustellungen dieses Zeitraums.',

  // DeliveryAttempts
  accepted: 'angenommen',
  rejected: 'abgelehnt',
  temporaryFailure: 'vorübergehende Störung',
  skipped: 'übersprungen',
  attempts: 'Versuche',
  noAttemptsYet: 'Noch keine Versuche.',
  millisecondsMs: '{milliseconds} ms',

  // DeliveryCase
  updatedWhen: 'aktualisiert {when}',
  rateLimitReached: 'Die Mengenbegrenzung ist erreicht; gesendet wird nach {when}.',
  goesOutAt: 'geht hinaus {when}',
  sinceWhen: 'seit {when}',
  acceptedWhen: 'angenommen {when}',
  usesTextTurnNow: 'Verwendet jetzt Text {turn}.',
  delivery: 'Zustellung',
  awaitingApproval: 'Wartet auf Freigabe',
  onHold: 'Zurückgehalten',
  noRepliesYet: 'Noch keine Antworten',
  noFiguresYet: 'Noch keine Zahlen',
  refresh: 'Aktualisieren',
  whatWasSent: 'Was gesendet wurde',
  whatWillSent: 'Was gesendet wird',
  textTurnTurns: '· Text {turn} von {turns}',
  countLimit: '· {count} von {limit}',
  textSaved: 'Text gespeichert.',
  saveText: 'Text speichern',
  resetTemplate: 'Zurück zur Vorlage',
  moved: 'Verlegt.',
  sendAt: 'Senden um',
  reschedule: 'Verlegen',
  goesOutItsTime: 'Sie geht zu ihrer Zeit hinaus.',
  approve: 'Freigeben',
  release: 'Loslassen',
  held: 'Zurückgehalten.',
  putHold: 'Zurückhalten',
  editText: 'Text bearbeiten',
  useNextText: 'Nächsten Text verwenden',
  cancelDelivery: 'Zustellung abbrechen',
  tryAgain: 'Noch einmal versuchen',
  sendAgain: 'Noch einmal senden',

  // DeliveryList
  scheduled: 'Geplant',
  sent: 'Gesendet',
  waitsApproval: 'wartet auf Freigabe',
  held2: 'zurückgehalten',

  // FailureLines
  deliveriesFailed:
    '<b>{name}</b>: {count, plural, one {# Zustellung} other {# Zustellungen}} fehlgeschlagen. {answer}',
  pausedAfterFailures: '<b>{name}</b> Nach wiederholten Fehlschlägen angehalten. Letzte Antwort: {answer}',
  retryingDeliveries:
    '{deliveries, plural, one {# Zustellung wird} other {# Zustellungen werden}} noch einmal versucht.',
  retry: 'Wiederholen',
  retryAllCount: 'Alle {count} wiederholen',

  // LaneFrame
  wordsDragUseMove: '{words}. Verschieben durch Ziehen oder mit ← und →',

  // LaneLine
  places: '{items, plural, one {# Stelle} other {# Stellen}}',
  pausedAutomatically: 'von selbst angehalten',
  paused2: 'angehalten',
  rateLimitedUntilWhen: 'Mengenbegrenzung bis {when}',

  // MailLanes
  titleDeliveredTotalDelivered: '{title}, {delivered} von {total} zugestellt, {failed} fehlgeschlagen, {when}',
  titleDeliveredTotalDeliveredWhen: '{title}, {delivered} von {total} zugestellt, {when}',
  goesOutWhen: 'Geht hinaus {when}',
  emailRhythm: 'E-Mail, {rhythm}',

  // timeLine
  threeWeeks: 'Drei Wochen',
  twoDays: 'Zwei Tage',

  // useDelivery
  cancelled: 'Abgebrochen.',
  counted: 'Gezählt.',
  retrying: 'Wird noch einmal versucht.',
  sendingAgain: 'Wird noch einmal gesendet.',

  // useDeliveryMoving
  titleWillSentWhen: '„{title}“ wird am {when} gesendet.',
}

export default de
