export default {
  // AddressesPart
  webmentionPingbackTrackback: 'Webmention, Pingback and Trackback',
  postsOurPagesDo:
    'Posts on our pages do this automatically. If posts are on your own pages, add this line to their head.',
  copyLine: 'Copy the line',
  manualForm: 'Manual form',
  anyoneCanReportLink: 'Anyone can report a link to you here.',

  // MentionPart
  nextFetch: 'Next fetch {when}.',
  readWhen: 'read {when}',
  publishedWhen: 'published {when}',
  viaWay: '{kind} {host} · via {way}, {when}',
  about: 'About',
  banHost: 'Ban {host}',
  fetchAgain: 'Fetch again',

  // MentionsView
  mentionsWaitingPublicPublished: '{waiting, plural, one {# mention} other {# mentions}} waiting, {public} published.',
  mentions: 'Mentions',
  webmentionAddresses: 'Webmention addresses',
  received: 'Received',
  allMentions: '← All mentions',

  // useMentions
  hostBannedItsMentions: '{host} banned. Its mentions are marked as spam.',
  fetchingPageAgain: 'Fetching the page again.',

  // words
  linkedFrom: 'Linked from',
  replyOn: 'Reply on',
  likesThisOn: 'Likes this on',
  repostedOn: 'Reposted on',
  link: 'Link',
  like: 'Like',
  repost: 'Repost',
  waiting: 'Waiting',
  hiddenSpam: 'Hidden or spam',
  notFetchedYet: 'Not fetched yet',
  rejectedNoLink: 'Rejected (no link)',
  noMentionWaiting: 'No mention is waiting',
  whenAnotherSiteLinks: 'When another site links to a post and notifies us, it appears here.',
  noPublishedMentionsYet: 'No published mentions yet',
  publishedMentionsAppearComments: 'Published mentions appear with the comments of their post.',
  nothingWasSetAside: 'Nothing was set aside',
  whatHideMarkSpam: 'What you hide or mark as spam is kept here.',
  everyPageHasBeen: 'Every page has been read',
  newMentionsFetchedWithin: 'New mentions are fetched within seconds.',
  everyPageHadIts: 'Every page had its link',
  mentionsWhosePageDoes: 'Mentions whose page does not link to the post are listed here.',
} as const
