export default {
  // DigestForm
  allSubscribersDigest: 'All subscribers to this digest',
  shownSubscribersTheirPreferences: 'Shown to subscribers on their preferences page',
  whenDoesGoOut: 'When does it go out?',
  frequency: 'Frequency',
  onDay: 'On day',
  timeSiteTimeZone: 'Time (site time zone)',
  minimumNumberPosts: 'Minimum number of posts',
  newPosts: 'new posts',
  postsShownFull: 'Posts shown in full',
  posts2: 'posts',
  restListedTitles: 'The rest are listed as titles',
  order: 'Order',
  whoGets: 'Who gets it?',
  recipients: 'Recipients',
  includeSubscribersWhoHave: 'Include subscribers who have not set preferences',
  whatDoesSubjectSay: 'What does the subject say?',
  testSecondSubjectLine: 'Test a second subject line',
  secondSubject: 'Second subject',
  shareRecipients: 'Share of recipients',
  appearance: 'Appearance',
  postFormat: 'Post format',
  introduction: 'Introduction',
  footerText: 'Footer text',
  postalAddressOpeningHours: 'Your postal address, opening hours …',
  backgroundColour: 'Background colour',
  asTheSite: 'As the site',
  textColour: 'Text colour',
  links: 'Links',
  tracking: 'Tracking',
  countLinkClicksAnonymous: 'Count link clicks (anonymous)',
  countOpens: 'Count opens',
  opensCountedInvisibleImage:
    'Opens are counted with an invisible image, without recording who. Figures are approximate, some people object to it, and some countries require consent.',

  // DigestLines
  digest: 'Digest',
  schedule: 'Schedule',
  next: 'Next',
  newPosts2: 'New posts',
  eachNewPost: 'with each new post',
  goesSubscribers: 'Goes to {receivers, plural, one {# subscriber} other {# subscribers}}',

  // DigestPreview
  desktop: 'Desktop',
  phone: 'Phone',
  plainText: 'Plain text',
  noNewPostsYet: 'No new posts yet; the preview uses {posts, plural, one {# older post} other {# older posts}}',
  newPosts3: '{posts, plural, one {# new post} other {# new posts}}',
  postsKilobytesKbSubscribers:
    '{posts}, {kilobytes} kB, to {receivers, plural, one {# subscriber} other {# subscribers}}',
  sendMeTest: 'Send me a test',
  theEmail: 'The email',
  checksBeforeSending: 'Checks before sending',
  loadingPreview: 'Loading preview …',

  // DigestView
  subscribersPaused: '{receivers, plural, one {# subscriber} other {# subscribers}}; paused {when}.',
  subscribersNext:
    '{receivers, plural, one {# subscriber} other {# subscribers}}; next {when}, with {waiting, plural, one {# new post} other {# new posts}} so far.',
  subscribersEachPost: '{receivers, plural, one {# subscriber} other {# subscribers}}; sent with each post.',
  newDigest: 'New digest',
  sendPostsNow: 'Send {waiting, plural, one {# post} other {# posts}} now',
  createDigest: 'Create digest',
  deleteDigest: 'Delete digest',
  deleteSentEmailsKept: 'Delete (sent emails are kept)',

  // EditionLine
  editionSum:
    '{digest}: {delivered} of {total} delivered{open, plural, =0 {} other {, # being sent}}{failed, plural, =0 {} other {<bad>, # failed</bad>}}{cancelled, plural, =0 {} other {, # cancelled}}',
  preparingRecipients: 'Preparing recipients',
  cancelled: 'Cancelled',
  sending: 'Sending',
  clicksClicks: '{clicks} clicks',
  opensOpens: '{opens} opens',
  leftUnsubscribed: '{left} unsubscribed',

  // EditionPanel
  nextAttempt: 'next {when}',
  editionSumAt: '{digest}, {when}. {delivered} of {total} delivered{open, plural, =0 {} other {, # on their way}}.',
  emailsCancelled: '{emails, plural, one {# email} other {# emails}} cancelled.',
  retryingEmails: 'Retrying {emails, plural, one {# email} other {# emails}}.',
  edition: 'Edition',
  resumeSending: 'Resume sending',
  pauseSending: 'Pause the sending',
  cancelUnsentEmails: 'Cancel unsent emails',
  noResponse: 'No response',
  retry: 'Retry',
  text2: 'To',
  serverResponse: 'Server response',
  attempts: '{attempts, plural, one {# attempt} other {# attempts}}',

  // EditionResults
  subjectTest: 'Subject test',
  mails: '{delivered, plural, one {# email} other {# emails}}',
  clicks: '{clicks, plural, one {# click} other {# clicks}}',
  clicksByLink: 'Clicks by link',
  noClicksYet: 'No clicks yet.',
  openedTimes: 'Opened {opens, plural, one {# time} other {# times}}.',
  leftUnsubscribedFromEmail: '{left} unsubscribed from this email.',

  // MailView
  digests: '{digests, plural, one {# digest} other {# digests}}',
  emailsBeingSent: '{open, plural, one {# email} other {# emails}} being sent.',
  nothingBeingSent: 'Nothing is being sent.',
  mailsFailed: '{failed, plural, one {# email} other {# emails}} failed.',
  sentEmails: 'Sent emails',
  nothingYet: 'Nothing yet',
  whenPostPublishedDigest:
    'When a post is published or a digest is due, each of its subscribers gets one email. Delivery results appear here.',

  // OriginFields
  noneLastDaysDays: 'None in the last {days} days',
  emails: '{posts, plural, one {# email} other {# emails}}',
  lastDaysDaysPosts: 'Last {days} days: {posts, plural, one {# post} other {# posts}}{emails}',
  alsoPostsFollowedFeeds: 'Also posts of followed feeds you chose above',
  alsoImportedPosts: 'Also imported posts',

  // rhythm
  immediatelyEachPost: 'Immediately, with each post',
  everyDay: 'Every day',
  everyWeek: 'Every week',
  everyMonth: 'Every month',
  titlesExcerpts: 'Titles and excerpts',
  pictureEachPost: 'With the picture of each post',
  fullPosts: 'Full posts',
  newestFirst: 'Newest first',
  oldestFirst: 'Oldest first',
  featuredPostsFirst: 'Featured posts first',
  eachPost: 'With each post',
  everyDay2: 'Every day at {at}',
  everyTitle: 'Every {title} at {at}',
  dayDayofmonthEachMonth: 'On day {dayOfMonth} of each month at {at}',

  // useDigest
  digestSaved: 'Digest saved.',
  nameCreated: '“{name}” created.',

  // useDigestCalls
  sending2: 'Sending.',
  nameDeleted: '“{name}” deleted.',
  testSentMail: 'Test sent to {mail}.',
} as const
