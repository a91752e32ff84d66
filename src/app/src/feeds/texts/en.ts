export default {
  // AskFeed
  feedAddress: 'Feed address',
  checkFeed: 'Check feed',
  pasteUpload: 'Paste or upload',
  feedSource: 'Feed source',
  checkSource: 'Check source',
  uploadFile: 'Upload a file',
  checking: 'Checking …',

  // CheckView
  readerView: 'Reader view',
  correctedFeed: 'Corrected feed',
  convert: 'Convert',
  entries: '{items, plural, one {# entry} other {# entries}}',
  errors: '{errors, plural, one {# error} other {# errors}}',
  warnings: '{warnings, plural, one {# warning} other {# warnings}}',
  suggestions: '{suggestions, plural, one {# suggestion} other {# suggestions}}',
  pastedText: 'pasted text',
  bytesBytes: '{bytes, number} bytes',
  checkFeed2: 'Check a feed',
  checkAnyFeedBy: 'Check any feed by address, text or file.',
  checkAnother: 'Check another',
  checkAgain: 'Check again',
  hideTolerated: 'Hide what feed readers cope with ({count})',
  isRepaired: 'Fixed in the corrected feed',
  noProblemsFound: 'No problems found.',
  readersCope: 'Most feed readers cope with it',

  // EntryForms
  asEmail: 'As email',
  plainTextEmail: 'As plain-text email',
  readAloud: 'Read aloud',
  previewAs: 'Preview as',
  entryEmail: 'The entry as an email',
  screenReaderOutput: 'Screen reader output',

  // FeedsView
  publishedFeeds: '{feeds, plural, one {# published feed} other {# published feeds}}',
  dataFollowed: '{feeds} followed',
  dataMonitored: '{feeds} monitored',
  followedFeedsFailing: '{troubled, plural, one {# followed feed} other {# followed feeds}} failing',
  monitoredFeedsHaveErrors: '{bad, plural, one {# monitored feed has} other {# monitored feeds have}} errors',
  ourFeeds: 'Our feeds',
  partnerFeeds: 'Partner feeds',
  followedFeeds: 'Followed feeds',
  monitoredFeeds: 'Monitored feeds',
  followFeed: 'Follow a feed',

  // FindingList
  errors2: 'Errors',
  warnings2: 'Warnings',
  suggestions2: 'Suggestions',
  entireFeed: 'entire feed',
  allOccurrences: 'All occurrences',

  // FollowedPart
  newentriesNewFromName: '{newEntries} new from “{name}”.',
  nothingNewFromName: 'Nothing new from “{name}”.',
  namePausedItsPosts: '“{name}” paused. Its posts stay.',
  nameResumed: '“{name}” resumed.',
  readingFeeds: 'Reading the feeds …',
  noFeedFollowedYet: 'No feed is followed yet',
  followExistingBlogEnter:
    'Follow an existing blog: enter any of its addresses, and its posts appear here and in your listings. Or import an OPML file from a feed reader.',

  // FollowedRow
  lastNext: 'Last {last}, next {next}',
  lastNextEvery: 'Last {last}, next {next}, {every}',
  lastFetched: 'Last fetched {last}; not scheduled',
  removedByPublisher410: 'Removed by publisher (410)',
  failing: 'Failing',
  readableErrors: 'Readable, with errors',
  ok: 'OK',
  fetchingNow: 'Fetching now.',
  posts2: '{posts, plural, one {# post} other {# posts}}',
  entriesFeed: '{entries, plural, one {# entry} other {# entries}} in the feed',
  fetching: 'Fetching …',
  fetchNow: 'Fetch now',
  checkIt: 'Check it',
  entryIdsChangeEvery:
    'Entry IDs change on every fetch. We match them by link and text; other feed readers will show duplicates.',

  // SubscriptionList
  feedsFollowed:
    '{added, plural, one {<b># feed</b> followed} other {<b># feeds</b> followed}} from now on{known, plural, =0 {} one {, # was followed already} other {, # were followed already}}. Their posts appear within a minute or two.',
  allFollowedFeedsOpml: 'All followed feeds (OPML):',
  importing: 'Importing …',
  importOpml: 'Import OPML',

  // VisitDetail
  addressUntil: '<address>{from}</address> until {when}',
  askedAgainBefore: ', asked again before {when}',
  notSubscribedYet: 'not subscribed yet',
  awaitingConfirmation: 'awaiting confirmation',
  sendsUpdatesInstantly: 'sends updates instantly',
  declinedPollingInstead: 'declined; polling instead',
  visitsComePausereason: 'Visits come as {pauseReason}.',
  visitsComeTheyDo: 'Visits come as they do because {pauseReason}.',
  hub: 'Hub',
  previousAddresses: 'Previous addresses',
  fetchHistory: 'Fetch history',
  newentriesNewChangedentriesChanged: ': {newEntries} new, {changedEntries} changed',
  millisecondsMs: '{milliseconds} ms',
  roundKb: '{count} kB',

  // visits
  failed: 'failed',
  newChangedEntries: 'new or changed entries',
  pushedByHub: 'pushed by hub',
  nothingNew: 'nothing new',
  readErrors: 'read with errors',
  newentriesNew: '{newEntries} new',
  changedentriesChanged: '{changedEntries} changed',
  notFetchedYet: 'Not fetched yet',
  fetchesOldestFirstParts: '{visits, plural, one {# fetch} other {# fetches}}, oldest first: {parts}',
  everyMinutes: 'every {minutes, plural, one {# minute} other {# minutes}}',
  everyHour: 'every hour',
  everyHoursHours: 'every {hours} hours',
  everyDays: 'every {count, plural, one {# day} other {# days}}',

  // FormatView
  format: 'Format',
  copyFeedFormat: 'Copy the feed in this format',
  download: 'Download',
  converting: 'Converting …',
  nothingLostFormat: 'Nothing is lost in this format.',
  typesDataCannotConverted: '{lost, plural, one {# type of data} other {# types of data}} cannot be converted:',
  feedFormat: 'The feed in this format',

  // HistoryStrip
  stretchFromWhenUntil: '{stretch}, from {when} until {until}',
  notCheckedYet: 'Not checked yet',

  // stretches
  couldNotFetched: 'It could not be fetched',

  // WatchedPart
  checkedWhen: 'checked {when}',
  checkedRegularlyOwnersEditors:
    'Checked regularly. Owners and editors are notified here and by email when a feed breaks or recovers.',
  correctedCopyPublished: 'Corrected copy published',
  copyAddressRepairedFeed: 'Copy the address of the repaired feed',
  ourFeed: 'Our feed',
  checkNow: 'Check now',
  history: 'History',
  publishCorrectedCopy: 'Publish a corrected copy',
  monitor: 'Monitor',

  // WatchedView
  changesMade:
    '{changes, plural, one {# change} other {# changes}} made in it, last changed {when}. It follows the original and is corrected at each check; if the original is unavailable, the last good copy is served.',
  checkedAgain: 'Checked {when}, again {next}.',
  stoppedMonitoringName: 'Stopped monitoring “{name}”.',
  watchedFeed: 'Watched feed',
  fullReport: 'Full report',
  feedNotMonitored: 'This feed is not monitored',
  somebodyMayHaveStopped: 'Somebody may have stopped watching it.',
  publishedRepaired: 'Published repaired',
  originalHasNotBeen: 'The original has not been fetched yet. The address works once it has.',
  stopPublishing: 'Stop publishing',
  publishCorrectedCopyOwn: 'Publish a corrected copy at your own address. It is updated at every check.',
  publishRepaired: 'Publish it repaired',
  checks: '{checks, plural, one {# check} other {# checks}}',
  lineLine: 'line {line}',
  stopMonitoring: 'Stop monitoring',

  // FeedSettings
  savedFeedReadersGet: 'Saved. Feed readers get the change at their next update.',
  feedSettingsBlogname: 'Feed settings: “{blogName}”',
  numberEntries: 'Number of entries',
  content: 'Content',
  fullText: 'Full text',
  includeArchivePagesOlder: 'Include archive pages with older entries',
  rss: 'RSS',
  jsonFeed: 'JSON Feed',
  imageAddress: 'Image address',
  theSites: 'the site’s',
  copyright: 'Copyright',
  redirectTo: 'Redirect to',
  leaveEmptyNormallyIf: 'Leave empty normally. If set, feed readers are permanently redirected.',
  discard: 'Discard',

  // OurFeedRow
  redirectsTo: 'Redirects to <address>{address}</address>',
  newestEntries: 'the newest {entries}',
  entries2: '{entries, plural, one {# entry} other {# entries}}',
  olderOnesArchives: ', older ones in archives',
  countFullTextHistory: '{count}, full text{history}, republished from the followed feed',
  countFullTextHistory2: '{count}, full text{history}',
  countExcerptsHistoryRepublished: '{count}, excerpts{history}, republished from the followed feed',
  countExcerptsHistory: '{count}, excerpts{history}',
  moved: 'Moved',
  copyNameAddress: 'Copy the {name} address',
  check: 'Check',

  // OurFeeds
  blogs: 'Blogs',
  allFeedsOpml: 'All feeds (OPML):',
  copyAddressList: 'Copy the address of the list',

  // PartnerFeeds
  requestedTimes: 'Requested {reads, plural, one {# time} other {# times}}.',
  requestedTimesLast: 'Requested {reads, plural, one {# time} other {# times}}, last {when}.',
  visitsTagged: '{brought, plural, one {# visit} other {# visits}} tagged “{source}”.',
  feedNameSaved: 'Feed for {name} saved.',
  accessNameRestored: 'Access for {name} restored.',
  accessNameEndedAddress: 'Access for {name} ended; the address now returns “gone”.',
  noPartnerFeedsYet: 'No partner feeds yet',
  giveEachPartnerTheir:
    'Give each partner their own feed address: choose its posts, see usage, and end access at any time.',
  ended: 'Ended',
  copyFormAddress: 'Copy the {form} address',
  restoreAccess: 'Restore access',
  endAccess: 'End access',
  changeFeed: 'Change the feed',
  newPartnerFeed: 'New partner feed',
  partnerName: 'Partner name',
  sourceTagUtmSource: 'Source tag (utm_source)',
  parishPaper: 'parish-paper',
  createFeed: 'Create feed',

  // PublishRepaired
  publishedCorrected: '<b>Published.</b> It is updated and corrected at every check.',
  publishCorrectedFeed: 'Publish corrected feed',

  // ReaderView
  feedCouldNotRead: 'The feed could not be read.',
  feedHasNoEntries: 'The feed has no entries: readers show an empty list.',
  entriesReaderListsThem: 'Entries as a reader lists them',
  untitled: 'Untitled',
  noDate: 'no date',

  // RepairView
  correcting: 'Correcting …',
  notFeed: 'This is not a feed.',
  changes: '{changes, plural, one {# change} other {# changes}}',
  nothingChange: 'Nothing to change.',
  problemsNeedManualFixing: '{remaining, plural, one {# problem needs} other {# problems need}} manual fixing.',
  noProblemsLeft: 'No problems left.',
  copyRepairedFeed: 'Copy the repaired feed',
  differences: 'Differences',
  onlyWhatChanged: 'Only what changed',
  wholeFeed: 'The whole feed',

  // SourceView
  sourceFeed: 'Source of the feed',

  // WatchIt
  monitoringNameWillNotified: 'Monitoring “{name}”. You will be notified of errors.',
  monitoredHistory: 'Monitored: history',
  monitorFeed: 'Monitor this feed',

  // words
  valid: 'Valid',
  feedValid: 'The feed is valid.',
  validWarnings: 'Valid, with warnings',
  worksButSomeFeed: 'Works, but some feed readers may have problems.',
  hasErrors: 'Has errors',
  feedHasErrorsSome: 'The feed has errors.',
  notFeed2: 'Not a feed',
} as const
