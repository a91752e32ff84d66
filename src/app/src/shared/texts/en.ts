export default {
  // AskDialog
  cancel: 'Cancel',

  // CopyButton
  copy: 'Copy',
  copied: 'Copied',

  // ArrangeList
  dragAltArrowKeys: 'Drag, or Alt with the arrow keys',

  // MoveButtons
  moveUpName: 'Move up: {name}',
  moveDownName: 'Move down: {name}',

  // NumberLine
  labelOneFewer: '{label}: one fewer',
  labelOneMore: '{label}: one more',

  // marks
  live: 'live',
  scheduled: 'scheduled',
  failed: 'failed',
  notIncluded: 'not included',
  outDate: 'out of date',
  replies: 'Replies',

  // PageFrame
  loadingPreview: 'Loading preview …',

  // ChoiceFields
  blogs: 'Blogs',
  allBlogsWrittenHere: 'All blogs written here',
  featuredPostsOnly: 'Featured posts only',

  // useChangeOfPosts
  postsBeforeWereChanged:
    '{posts, plural, one {# post is} other {# posts are}} as before. {were, plural, one {# was} other {# were}} changed since and stayed.',
  postsBefore: '{posts, plural, one {# post is} other {# posts are}} as before.',

  // PostTabs
  allPosts: 'All posts',
  aroundPosts: 'Around posts',

  // WidthChoice
  phone: 'Phone',
  tablet: 'Tablet',
  desktop: 'Desktop',

  // dates
  justNow: 'just now',

  // decided
  markedSpam: 'Marked as spam',
  movedBackWaiting: 'Moved back to Waiting',
  deleted: 'Deleted',

  // TermHelp
  whatTermMeans: 'What “{term}” means',
  slugTerm: 'Slug',
  slugMeans: 'The last part of a post’s address.',
  canonicalTerm: 'Canonical address',
  canonicalMeans: 'The address search engines shall count, when a text stands at several.',
  altTextTerm: 'Description (alt text)',
  altTextMeans: 'What a picture shows, for those who do not see it.',
  excerptTerm: 'Excerpt',
  excerptMeans: 'A short summary; without one the start of the text is used.',
  hubTerm: 'Hub',
  hubMeans: 'A service that tells feed readers about a change at once (WebSub).',
  socialPreviewTerm: 'Social preview',
  socialPreviewMeans: 'The card a network shows where your post is linked.',
  segmentTerm: 'Segment',
  segmentMeans: 'Subscribers who share something.',
  spamScoreTerm: 'Spam score',
  spamScoreMeans: 'How much a comment looks like spam, from 0 to 100%.',
  mentionTerm: 'Mention',
  mentionMeans: 'A page of another site that links to your post and told us (Webmention, Pingback, Trackback).',
  threadTerm: 'Thread',
  threadMeans: 'The comments of one page.',
  snippetTerm: 'Snippet',
  snippetMeans: 'The code you paste into a page.',

  // WhenText
  notYet: 'not yet',

  // SpanChoice, WidthChoice
  period: 'Period',
  width: 'Width',

  // DefaultLine
  defaultFromFrom: 'Default from {from}',
  default: 'Default',
  useDefaultLabel: '{label}: use default',
  changeLabel: '{label}: change',
  useDefault: 'Use default',
  change: 'Change',

  // NumberLine
  wholeNumberFromTo: 'Enter a whole number from {min} to {max}.',
} as const
