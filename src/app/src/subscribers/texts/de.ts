import type { Translated } from '../../texts'
import type en from './en'

const de: Translated<typeof en> = {
  // AddSubscriber
  mailAdded: '{mail} hinzugefügt.',
  nameOptional: 'Name (optional)',
  consentNote: 'Vermerk zur Einwilligung',
  addSubscriber: 'Abonnent hinzufügen',

  // FormFields
  inline: 'Im Text',
  barBottomAfterScrolling: 'Leiste unten (nach dem Scrollen)',
  slidePanelNearEnd: 'Einschiebendes Feld (gegen Ende)',
  whatTeamCalls: 'Wie Ihr Team es nennt',
  display: 'Anzeige',
  shape: 'Form',
  style: 'Stil',
  whatDoesSay: 'Was steht darin?',
  heading: 'Überschrift',
  buttonText: 'Text der Taste',
  sitesLanguage: 'In der Sprache der Website',
  confirmationMessage: 'Bestätigung nach dem Absenden',
  pleaseCheckInbox: 'Bitte sehen Sie in Ihr Postfach …',
  fields: 'Felder',
  offerCategories: 'Kategorien anbieten',
  noneEveryoneGetsAll: 'Keine (alle bekommen alle Beiträge)',
  offerDigests: 'Rundbriefe anbieten',
  noneDefaultDigests: 'Keine (die üblichen Rundbriefe)',
  consentCheckboxText: 'Text des Kästchens zur Einwilligung',
  noCheckboxEmailConfirmation: 'Kein Kästchen (nur Bestätigung per E-Mail)',
  versionVersionChangesCreate:
    'Fassung {version}. Änderungen ergeben eine neue Fassung; frühere Einwilligungen behalten ihre.',

  // FormsView
  deleteFormMeans: 'Abonnenten, die darüber kamen, bleiben. Seiten mit seinem Snippet zeigen dort nichts mehr.',
  deleteFormAsk: '„{name}“ löschen?',
  inThePage: 'in der Seite',
  barFoot: 'eine Leiste am unteren Rand',
  slidePanel: 'einschiebendes Feld',
  signUpsConfirmedBy: 'Anmeldungen werden per E-Mail bestätigt, bevor etwas gesendet wird.',
  newForm: 'Neues Formular',
  readingForms: 'Formulare werden geladen …',
  noFormYet: 'Noch kein Formular',
  createOnePasteIts:
    'Legen Sie eines an und fügen Sie seinen Code in eine Seite ein; es übernimmt deren Stil und geht auch ohne Skript.',
  signUps: '{came, plural, one {# Anmeldung} other {# Anmeldungen}}',
  allForms: '← Alle Formulare',
  createForm: 'Formular anlegen',
  deleteForm: 'Formular löschen',
  formPage: 'Das Formular in einer Seite',
  pasteWhereFormShould: 'Fügen Sie dies ein, wo das Formular erscheinen soll',
  laterChangesApplyAutomatically: 'Spätere Änderungen gelten von selbst.',

  // useSignUpForm
  newPostsByEmail: 'Neue Beiträge per E-Mail',
  formSaved: 'Formular gespeichert.',
  formCreatedPasteIts: 'Formular angelegt. Fügen Sie seinen Code in eine Seite ein.',
  formDeletedRemoveIts: 'Formular gelöscht. Entfernen Sie seinen Code von Ihrer Seite.',

  // GrowthView
  aMonth: 'Ein Monat',
  threeMonths: 'Drei Monate',
  aYear: 'Ein Jahr',
  twoYears: 'Zwei Jahre',
  signUpForm: 'Anmeldeformular',
  addedManually: 'Von Hand hinzugefügt',
  imported: 'Importiert',
  unsubscribed: 'Abgemeldet',
  subscribersJoinedLeftUnsubscribed:
    '{came, plural, one {# Abonnent kam} other {# Abonnenten kamen}} dazu, {left} gingen; jetzt sind es {total}.',
  cameSubscribersCameLeft: '{came} Abonnenten kamen dazu, {left} gingen',
  growthNumbers: 'Entwicklung in Zahlen',
  weekFrom: 'Woche ab',
  noChangesPeriod: 'Keine Änderungen in diesem Zeitraum.',

  // ListDialog
  trialSum:
    '<b>{new, plural, one {# neuer Abonnent} other {# neue Abonnenten}}</b>; {known} schon dabei, {left} abgemeldet, {twice} doppelt, {noAddress} ohne E-Mail-Adresse, {bounced} unzustellbar.',
  alreadySubscribed: 'schon dabei',
  unsubscribed2: 'abgemeldet',
  duplicate: 'doppelt',
  noEmailAddress: 'keine E-Mail-Adresse',
  bounced: 'unzustellbar',
  unsubscribedKeptSuch: 'abgemeldet, bleibt es',
  bouncedKeptSuch: 'unzustellbar, bleibt es',
  noNames: 'Keine Namen',
  subscribersAdded: '{new, plural, one {# Abonnent} other {# Abonnenten}} hinzugefügt.',
  importSubscribers: 'Abonnenten importieren',
  csvFileColumnNames:
    'CSV-Datei mit Spaltennamen in der ersten Zeile. Wer sich abgemeldet hat, wird nicht wieder aufgenommen.',
  file: 'Datei',
  emailColumn: 'Spalte mit der E-Mail',
  nameColumn: 'Spalte mit dem Namen',
  lineLineMailKind: 'Zeile {line}: „{mail}“, {kind}',
  signedListOpenEvening: 'Hat sich am offenen Abend im Oktober eingetragen',
  mailNameColumnMail: '{mail} Nennen Sie in der ersten Zeile eine Spalte „mail“.',
  addSubscribers: '{new, plural, one {# Abonnenten} other {# Abonnenten}} hinzufügen',

  // origins
  signUpForm2: 'Anmeldeformular',
  addedManually2: 'von Hand hinzugefügt',
  import2: 'Import',
  bounced2: 'Unzustellbar',
  complained: 'Beschwert',
  subscribed: 'Abonniert',

  // QuestionsPart
  cannotBeUndone: 'Das lässt sich nicht rückgängig machen.',
  deleteQuestionOf: 'Frage von {name} löschen?',
  yourQuestion: 'Ihre Frage',
  rePosttitle: 'Re: {postTitle}',
  markedAnswered: 'Als beantwortet markiert.',
  noQuestionsYet: 'Noch keine Fragen',
  addContactFormPost:
    'Fügen Sie in einen Beitrag ein Kontaktformular ein. Nachrichten kommen per E-Mail und stehen hier.',
  answered: 'Beantwortet',
  replyByEmail: 'Per E-Mail antworten',
  openAgain: 'Wieder öffnen',
  olderQuestions: 'Ältere Fragen',

  // QuestionsView
  messagesFromContactForms: 'Nachrichten aus Kontaktformularen in Ihren Beiträgen.',

  // ReadersView
  subscribersLeftUnsubscribed: '{active, plural, one {# Abonnent} other {# Abonnenten}}, {left} abgemeldet.',
  searchSubscribers: 'Abonnenten suchen',
  segment: 'Segment',
  noSubscribersFound: 'Keine Abonnenten gefunden',
  nobodyHasSubscribedYet: 'Noch hat niemand abonniert',
  addSignUpForm:
    'Fügen Sie ein Anmeldeformular in eine Seite ein, tragen Sie Abonnenten ein, oder importieren Sie eine Liste. Jeder kann sich mit einem Klick abmelden.',
  since: 'Seit',
  emails: 'E-Mails',

  // ReaderTabs
  aroundReaders: 'Rund um Leser',

  // SegmentForm
  subscribedCategory: 'Hat die Kategorie abonniert',
  any: 'Beliebig',
  subscribedAfter: 'Abonniert am oder nach',
  subscribedBefore: 'Abonniert am oder vor',
  activeWithinDays: 'Aktiv innerhalb von (Tagen)',
  days: 'Tage',
  inactiveDays: 'Inaktiv seit (Tagen)',
  activeMeansConfirmedChanged:
    'Aktiv heißt: hat bestätigt, Einstellungen geändert oder kommentiert. Klicks werden anonym gezählt, ohne festzuhalten, von wem.',
  subscribersNow: 'jetzt {size, plural, one {# Abonnent} other {# Abonnenten}}',

  // SegmentsView
  deleteSegmentMeans: 'Die Abonnenten bleiben.',
  deleteSegmentAsk: '„{name}“ löschen?',
  nameSaved: '„{name}“ gespeichert.',
  segmentDeletedSubscribersKept: 'Segment gelöscht. Die Abonnenten bleiben.',
  groupsSubscribersUpdatedAutomatically: 'Gruppen von Abonnenten, die sich von selbst erneuern.',
  newSegment: 'Neues Segment',
  counting: 'Wird gezählt …',
  noSegmentsYet: 'Noch keine Segmente',
  segmentPartSubscribersThose:
    'Ein Segment ist ein Teil Ihrer Abonnenten: wer eine Kategorie gewählt hat, über ein Formular kam oder lange still war. Ein Rundbrief kann an eines allein gehen.',
  receivesDigests: '. Bekommt {digests}',
  allSegments: '← Alle Segmente',
  createSegment: 'Segment anlegen',
  showItsSubscribers: '{size, plural, one {Den # Abonnenten} other {Die # Abonnenten}} zeigen',
  deleteSegment: 'Segment löschen',

  // segmentWords
  categoryCategories: 'Kategorie {categories}',
  cameOrigins: 'gekommen über {origins}',
  cameByCertainForms: 'gekommen über bestimmte Formulare',
  fromSince: 'ab {since}',
  untilUntil: 'bis {until}',
  seenWithinSeenwithinDays: 'in den letzten {seenWithin} Tagen gesehen',
  silentSilentforDays: 'seit {silentFor} Tagen still',
  allSubscribers: 'Alle Abonnenten',

  // SubscriberPanel
  resubscribed: 'wieder abonniert',
  everythingAboutMailDeleted: 'Alles über {mail} ist gelöscht.',
  subscriber: 'Abonnent',
  byForm: 'über „{form}“',
  consent: 'Einwilligung',
  wordingConsentversion: '(Fassung {consentVersion})',
  lastSeen: 'Zuletzt gesehen',
  digests: 'Rundbriefe',
  nothingPresent: 'zurzeit nichts',
  everything: 'alles',
  lastBounce: 'Zuletzt unzustellbar',
  timesRow: '({softBounces, plural, one {#-mal} other {#-mal}} hintereinander)',
  pausedUntil: 'Angehalten bis',
  resubscribe: 'Wieder abonnieren',
  unsubscribe: 'Abmelden',
  deleteAllData: 'Alle Daten löschen',
  deletePermanently: 'Endgültig löschen',
  emailsReceived: 'Erhaltene E-Mails',
  nothingSoFar: 'Bisher nichts.',
}

export default de
