export default {
  // AddSubscriber
  mailAdded: '{mail} added.',
  nameOptional: 'Name (optional)',
  consentNote: 'Consent note',
  addSubscriber: 'Add subscriber',

  // FormFields
  inline: 'Inline',
  barBottomAfterScrolling: 'Bar at the bottom (after scrolling)',
  slidePanelNearEnd: 'Slide-in panel (near the end)',
  whatTeamCalls: 'What your team calls it',
  display: 'Display',
  shape: 'Shape',
  style: 'Style',
  whatDoesSay: 'What does it say?',
  heading: 'Heading',
  buttonText: 'Button text',
  sitesLanguage: 'In the site’s language',
  confirmationMessage: 'Confirmation message',
  pleaseCheckInbox: 'Please check your inbox …',
  fields: 'Fields',
  offerCategories: 'Offer categories',
  noneEveryoneGetsAll: 'None (everyone gets all posts)',
  offerDigests: 'Offer digests',
  noneDefaultDigests: 'None (default digests)',
  consentCheckboxText: 'Consent checkbox text',
  noCheckboxEmailConfirmation: 'No checkbox (email confirmation only)',
  versionVersionChangesCreate: 'Version {version}. Changes create a new version; earlier consents keep theirs.',

  // FormsView
  inThePage: 'in the page',
  barFoot: 'a bar at the foot',
  slidePanel: 'slide-in panel',
  signUpsConfirmedBy: 'Sign-ups are confirmed by email before anything is sent.',
  newForm: 'New form',
  readingForms: 'Reading the forms …',
  noFormYet: 'No form yet',
  createOnePasteIts:
    'Create one and paste its snippet into a page; it matches the page’s style. It also works without script.',
  signUps: '{came, plural, one {# sign-up} other {# sign-ups}}',
  allForms: '← All forms',
  createForm: 'Create form',
  deleteForm: 'Delete form',
  formPage: 'The form in a page',
  pasteWhereFormShould: 'Paste this where the form should appear',
  laterChangesApplyAutomatically: 'Later changes apply automatically.',

  // useSignUpForm
  newPostsByEmail: 'New posts by email',
  formSaved: 'Form saved.',
  formCreatedPasteIts: 'Form created. Paste its snippet into a page.',
  formDeletedRemoveIts: 'Form deleted. Remove its snippet from your page.',

  // GrowthView
  aMonth: 'A month',
  threeMonths: 'Three months',
  aYear: 'A year',
  twoYears: 'Two years',
  signUpForm: 'Sign-up form',
  addedManually: 'Added manually',
  imported: 'Imported',
  unsubscribed: 'Unsubscribed',
  subscribersJoinedLeftUnsubscribed:
    '{came, plural, one {# subscriber} other {# subscribers}} joined, {left} unsubscribed; there are {total} now.',
  cameSubscribersCameLeft: '{came} subscribers came and {left} left',
  growthNumbers: 'Growth in numbers',
  weekFrom: 'Week from',
  noChangesPeriod: 'No changes in this period.',

  // ListDialog
  trialSum:
    '<b>{new, plural, one {# new subscriber} other {# new subscribers}}</b>; {known} already subscribed, {left} unsubscribed, {twice} duplicates, {noAddress} without an email address, {bounced} bounced.',
  alreadySubscribed: 'already subscribed',
  unsubscribed2: 'unsubscribed',
  duplicate: 'duplicate',
  noEmailAddress: 'no email address',
  bounced: 'bounced',
  unsubscribedKeptSuch: 'unsubscribed, kept as such',
  bouncedKeptSuch: 'bounced, kept as such',
  noNames: 'No names',
  subscribersAdded: '{new, plural, one {# subscriber} other {# subscribers}} added.',
  importSubscribers: 'Import subscribers',
  csvFileColumnNames: 'CSV file with column names in the first row. Unsubscribed people are not re-added.',
  file: 'File',
  emailColumn: 'Email column',
  nameColumn: 'Name column',
  lineLineMailKind: 'Line {line}: “{mail}”, {kind}',
  signedListOpenEvening: 'Signed the list at the open evening in October',
  mailNameColumnMail: '{mail} Name a column “mail” in the first line.',
  addSubscribers: 'Add {new, plural, one {# subscriber} other {# subscribers}}',

  // origins
  signUpForm2: 'sign-up form',
  addedManually2: 'added manually',
  import2: 'import',
  bounced2: 'Bounced',
  complained: 'Complained',
  subscribed: 'Subscribed',

  // QuestionsPart
  deleteQuestionOf: 'Delete {name}’s question? This cannot be undone.',
  yourQuestion: 'your question',
  rePosttitle: 'Re: {postTitle}',
  markedAnswered: 'Marked as answered.',
  noQuestionsYet: 'No questions yet',
  addContactFormPost: 'Add a contact form to a post. Messages arrive by email and are listed here.',
  answered: 'Answered',
  replyByEmail: 'Reply by email',
  openAgain: 'Open again',
  olderQuestions: 'Older questions',

  // QuestionsView
  messagesFromContactForms: 'Messages from contact forms in your posts.',

  // ReadersView
  subscribersLeftUnsubscribed: '{active, plural, one {# subscriber} other {# subscribers}}, {left} unsubscribed.',
  searchSubscribers: 'Search subscribers',
  segment: 'Segment',
  noSubscribersFound: 'No subscribers found',
  nobodyHasSubscribedYet: 'Nobody has subscribed yet',
  addSignUpForm:
    'Add a sign-up form to a page, add subscribers, or import a list. Everyone can unsubscribe with one click.',
  since: 'Since',
  emails: 'Emails',

  // ReaderTabs
  aroundReaders: 'Around readers',

  // SegmentForm
  subscribedCategory: 'Subscribed to category',
  any: 'Any',
  subscribedAfter: 'Subscribed on or after',
  subscribedBefore: 'Subscribed on or before',
  activeWithinDays: 'Active within (days)',
  days: 'days',
  inactiveDays: 'Inactive for (days)',
  activeMeansConfirmedChanged:
    'Active means: confirmed, changed preferences or commented. Clicks are counted anonymously, without saying who followed them.',
  subscribersNow: '{size, plural, one {# subscriber} other {# subscribers}} now',

  // SegmentsView
  nameSaved: '“{name}” saved.',
  segmentDeletedSubscribersKept: 'Segment deleted. Subscribers are kept.',
  groupsSubscribersUpdatedAutomatically: 'Groups of subscribers, updated automatically.',
  newSegment: 'New segment',
  counting: 'Counting …',
  noSegmentsYet: 'No segments yet',
  segmentPartSubscribersThose:
    'A segment is a part of your subscribers: those who chose a category, came by a form, or have been silent. A digest can go to one alone.',
  receivesDigests: '. Receives {digests}',
  allSegments: '← All segments',
  createSegment: 'Create segment',
  showItsSubscribers: 'Show its {size, plural, one {# subscriber} other {# subscribers}}',
  deleteSegment: 'Delete segment',

  // segmentWords
  categoryCategories: 'category {categories}',
  cameOrigins: 'came {origins}',
  cameByCertainForms: 'came by certain forms',
  fromSince: 'from {since}',
  untilUntil: 'until {until}',
  seenWithinSeenwithinDays: 'seen within {seenWithin} days',
  silentSilentforDays: 'silent for {silentFor} days',
  allSubscribers: 'All subscribers',

  // SubscriberPanel
  resubscribed: 'resubscribed',
  everythingAboutMailDeleted: 'Everything about {mail} is deleted.',
  subscriber: 'Subscriber',
  byForm: 'by “{form}”',
  consent: 'Consent',
  wordingConsentversion: '(wording {consentVersion})',
  lastSeen: 'Last seen',
  digests: 'Digests',
  nothingPresent: 'nothing at present',
  everything: 'everything',
  lastBounce: 'Last bounce',
  timesRow: '({softBounces, plural, one {# time} other {# times}} in a row)',
  pausedUntil: 'Paused until',
  resubscribe: 'Resubscribe',
  unsubscribe: 'Unsubscribe',
  deleteAllData: 'Delete all data',
  deletePermanently: 'Delete permanently',
  emailsReceived: 'Emails received',
  nothingSoFar: 'Nothing so far.',
} as const
