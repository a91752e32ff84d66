export default {
  // BoardTable
  fromBlognameFollowed: 'from {blogName} (followed)',
  post: 'Post',

  // ChannelFoot
  itsWayName: 'On its way to {name}.',
  openDelivery: 'Open the delivery',
  sendNow: 'Send now',

  // CoverageView
  posts2: '{totalPosts, plural, one {# post} other {# posts}}',
  destinations: '{places, plural, one {# destination} other {# destinations}}',
  startPostsNeedAttention: '{start} {off, plural, one {# post needs} other {# posts need}} attention.',
  startPostsPending: '{start} {due, plural, one {# post} other {# posts}} pending.',
  startAllPostsUp: '{start} All posts are up to date.',
  needsAttentionOff: 'Needs attention · {off}',
  scheduledDue: 'Scheduled · {due}',
  coverage: 'Coverage',
  nothingShowYet: 'Nothing to show yet',
  connectBlogHaveWrite:
    'Connect the blog you have, or write a first post here. This board then shows where each post appears, and why it is missing elsewhere.',
  nothingDo: 'Nothing to do.',

  // ReasonPanel
  notIn: 'Not in',
  in: 'In',
  markIn: '{mark} in',
  stateName: '{state} “{name}”',
  onHomePage: '{words} on the home page',
  onPage: '{words} on {where}',
  lastSeenOnPage: 'Last seen on its page {when}.',
  details: 'Details',
  checkPage: 'Check the page',
  openComments: 'Open the comments',
  listingHasNotBeen: 'This listing has not been found on a page yet.',
  openListing: 'Open the listing',
  openChannelTimeline: 'Open channel timeline',
  openDeliveries: 'Open the deliveries',
  openFeed: 'Open the feed',
  openPage: 'Open the page',
  viewPost: 'View post',

  // useRemedy
  retryingCountEmails: 'Retrying {count} emails.',
  retryFailed: 'Retry failed',
  turnComments: 'Turn on comments',
  commentsOpenPost: 'Comments are open on this post.',
  featurePost: 'Feature this post',
  postFeaturedNow: 'The post is featured now.',
  increasePositionPosts: 'Increase to {position} posts',
  nameShowsPositionNow: '“{name}” shows {position} now.',
  addBlogname: 'Add “{blogName}”',
  nameNowIncludesPosts: '“{name}” now includes posts from {blogName}.',
  chooseCategoryToo: 'Choose “{category}” too',
  nameTakesCategoryToo: '“{name}” takes {category} too.',

  // WhereView
  destinations2: 'Destinations',
  liveInplaceDestinations: 'Live in {inPlace} of {rows, plural, one {# destination} other {# destinations}}.',
  editPost: 'Edit post',
  openName: 'Open {name}',
  open: 'Open',

  // CoverageView
  filter: 'Filter',
  allBlogs: 'All blogs',
} as const
