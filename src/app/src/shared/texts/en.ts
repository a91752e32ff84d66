export default {
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

  // ChannelTabs
  timeline: 'Timeline',
  trafficSources: 'Traffic sources',
  manageChannels: 'Manage channels',

  // PostTabs
  allPosts: 'All posts',
  calendar: 'Calendar',
  pictures: 'Pictures',
  categoriesTagsAuthors: 'Categories, tags, authors',
  blogPages: 'Blog pages',
  aroundPosts: 'Around posts',

  // WidthChips
  phone: 'Phone',
  tablet: 'Tablet',
  desktop: 'Desktop',

  // dates
  justNow: 'just now',

  // decided
  markedSpam: 'Marked as spam',
  movedBackWaiting: 'Moved back to Waiting',
  deleted: 'Deleted',

  // WhenText
  notYet: 'not yet',
} as const
