import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // DigestForm
  allSubscribersDigest: 'Alle Abonnenten dieses Rundbriefs',
  shownSubscribersTheirPreferences: 'Abonnenten sehen ihn auf der Seite ihrer Einstellungen',
  whenDoesGoOut: 'Wann geht er hinaus?',
  frequency: 'Häufigkeit',
  onDay: 'Am Tag',
  timeSiteTimeZone: 'Uhrzeit (Zeitzone der Website)',
  minimumNumberPosts: 'Mindestzahl an Beiträgen',
  newPosts: 'neue Beiträge',
  postsShownFull: 'Ganz gezeigte Beiträge',
  posts2: 'Beiträge',
  restListedTitles: 'Die übrigen stehen als Titel darunter',
  order: 'Reihenfolge',
  whoGets: 'Wer bekommt ihn?',
  recipients: 'Empfänger',
  includeSubscribersWhoHave: 'Auch Abonnenten, die nichts ausgewählt haben',
  whatDoesSubjectSay: 'Was steht im Betreff?',
  testSecondSubjectLine: 'Einen zweiten Betreff testen',
  secondSubject: 'Zweiter Betreff',
  shareRecipients: 'Anteil der Empfänger',
  appearance: 'Aussehen',
  postFormat: 'Form der Beiträge',
  introduction: 'Einleitung',
  footerText: 'Fußzeile',
  postalAddressOpeningHours: 'Ihre Postanschrift, Öffnungszeiten …',
  backgroundColour: 'Hintergrundfarbe',
  asTheSite: 'Wie die Website',
  textColour: 'Textfarbe',
  links: 'Links',
  tracking: 'Auswertung',
  countLinkClicksAnonymous: 'Klicks auf Links zählen (anonym)',
  countOpens: 'Öffnungen zählen',
  opensCountedInvisibleImage:
    'Öffnungen werden mit einem unsichtbaren Bild gezählt, ohne festzuhalten, wer. Die Zahlen sind ungefähr, manche Menschen lehnen es ab, und einige Länder verlangen eine Einwilligung.',

  // DigestLines
  digest: 'Rundbrief',
  schedule: 'Rhythmus',
  next: 'Nächster',
  newPosts2: 'Neue Beiträge',
  eachNewPost: 'mit jedem neuen Beitrag',
  goesSubscribers: 'Geht an {receivers, plural, one {# Abonnenten} other {# Abonnenten}}',

  // DigestPreview
  desktop: 'Bildschirm',
  phone: 'Telefon',
  plainText: 'Nur Text',
  noNewPostsYet:
    'Noch keine neuen Beiträge; die Vorschau zeigt {posts, plural, one {# älteren Beitrag} other {# ältere Beiträge}}',
  newPosts3: '{posts, plural, one {# neuer Beitrag} other {# neue Beiträge}}',
  postsKilobytesKbSubscribers:
    '{posts}, {kilobytes} kB, an {receivers, plural, one {# Abonnenten} other {# Abonnenten}}',
  sendMeTest: 'Test an mich senden',
  theEmail: 'Die E-Mail',
  checksBeforeSending: 'Prüfung vor dem Senden',
  loadingPreview: 'Vorschau wird geladen …',

  // DigestView
  subscribersPaused: '{receivers, plural, one {# Abonnent} other {# Abonnenten}}; angehalten {when}.',
  subscribersNext:
    '{receivers, plural, one {# Abonnent} other {# Abonnenten}}; nächster {when}, bisher mit {waiting, plural, one {# neuen Beitrag} other {# neuen Beiträgen}}.',
  subscribersEachPost: '{receivers, plural, one {# Abonnent} other {# Abonnenten}}; geht mit jedem Beitrag hinaus.',
  newDigest: 'Neuer Rundbrief',
  sendPostsNow: '{waiting, plural, one {# Beitrag} other {# Beiträge}} jetzt senden',
  createDigest: 'Rundbrief anlegen',
  deleteDigest: 'Rundbrief löschen',
  deleteSentEmailsKept: 'Löschen (gesendete E-Mails bleiben)',

  // EditionLine
  editionSum:
    '{digest}: {delivered} von {total} zugestellt{open, plural, =0 {} other {, # werden gesendet}}{failed, plural, =0 {} other {<bad>, # fehlgeschlagen</bad>}}{cancelled, plural, =0 {} other {, # abgebrochen}}',
  preparingRecipients: 'Empfänger werden gesammelt',
  cancelled: 'Abgebrochen',
  sending: 'Wird gesendet',
  clicksClicks: '{clicks, plural, one {# Klick} other {# Klicks}}',
  opensOpens: '{opens, plural, one {# Öffnung} other {# Öffnungen}}',
  leftUnsubscribed: '{left, plural, one {# Abmeldung} other {# Abmeldungen}}',

  // EditionPanel
  nextAttempt: 'nächster Versuch {when}',
  editionSumAt: '{digest}, {when}. {delivered} von {total} zugestellt{open, plural, =0 {} other {, # unterwegs}}.',
  emailsCancelled: '{emails, plural, one {# E-Mail} other {# E-Mails}} abgebrochen.',
  retryingEmails: '{emails, plural, one {# E-Mail wird} other {# E-Mails werden}} noch einmal versucht.',
  edition: 'Ausgabe',
  resumeSending: 'Senden fortsetzen',
  pauseSending: 'Senden anhalten',
  cancelUnsentEmails: 'Nicht gesendete E-Mails abbrechen',
  noResponse: 'Keine Antwort',
  retry: 'Wiederholen',
  text2: 'An',
  serverResponse: 'Antwort des Servers',
  attempts: '{attempts, plural, one {# Versuch} other {# Versuche}}',

  // EditionResults
  subjectTest: 'Betreff-Test',
  mails: '{delivered, plural, one {# E-Mail} other {# E-Mails}}',
  clicks: '{clicks, plural, one {# Klick} other {# Klicks}}',
  clicksByLink: 'Klicks je Link',
  noClicksYet: 'Noch keine Klicks.',
  openedTimes: '{opens, plural, one {#-mal} other {#-mal}} geöffnet.',
  leftUnsubscribedFromEmail: '{left, plural, one {# Abmeldung} other {# Abmeldungen}} über diese E-Mail.',

  // MailView
  digests: '{digests, plural, one {# Rundbrief} other {# Rundbriefe}}',
  emailsBeingSent: '{open, plural, one {# E-Mail wird} other {# E-Mails werden}} gesendet.',
  nothingBeingSent: 'Zurzeit wird nichts gesendet.',
  mailsFailed: '{failed, plural, one {# E-Mail ist} other {# E-Mails sind}} fehlgeschlagen.',
  sentEmails: 'Gesendete E-Mails',
  nothingYet: 'Noch nichts',
  whenPostPublishedDigest:
    'Wenn ein Beitrag veröffentlicht wird oder ein Rundbrief fällig ist, bekommt jeder seiner Abonnenten eine E-Mail. Hier steht dann, was zugestellt wurde.',

  // OriginFields
  noneLastDaysDays: 'Keine in den letzten {days} Tagen',
  emails: '{posts, plural, one {# E-Mail} other {# E-Mails}}',
  lastDaysDaysPosts: 'Letzte {days} Tage: {posts, plural, one {# Beitrag} other {# Beiträge}}{emails}',
  alsoPostsFollowedFeeds: 'Auch Beiträge der oben gewählten gefolgten Feeds',
  alsoImportedPosts: 'Auch importierte Beiträge',

  // rhythm
  immediatelyEachPost: 'Sofort, mit jedem Beitrag',
  everyDay: 'Jeden Tag',
  everyWeek: 'Jede Woche',
  everyMonth: 'Jeden Monat',
  titlesExcerpts: 'Titel und Auszüge',
  pictureEachPost: 'Mit dem Bild jedes Beitrags',
  fullPosts: 'Ganze Beiträge',
  newestFirst: 'Neueste zuerst',
  oldestFirst: 'Älteste zuerst',
  featuredPostsFirst: 'Hervorgehobene zuerst',
  eachPost: 'Mit jedem Beitrag',
  everyDay2: 'Jeden Tag um {at}',
  everyTitle: 'Jeden {title} um {at}',
  dayDayofmonthEachMonth: 'Am {dayOfMonth}. jedes Monats um {at}',

  // useDigest
  digestSaved: 'Rundbrief gespeichert.',
  nameCreated: '„{name}“ angelegt.',

  // useDigestCalls
  sending2: 'Wird gesendet.',
  nameDeleted: '„{name}“ gelöscht.',
  testSentMail: 'Test an {mail} gesendet.',
}

export default de
