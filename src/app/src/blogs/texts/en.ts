export default {
  // CandidateCard
  formatEntriesNewest: '{format} · {entries, plural, one {# entry} other {# entries}} · newest {when}',
  untitledFeed: 'Untitled feed',
  whyFeedReason: 'Why this feed: {reason}.',
  followFeed: 'Follow this feed',
  errorsWarningsReadableEntries:
    '{errors, plural, one {# error} other {# errors}}, {warnings, plural, one {# warning} other {# warnings}}. The readable entries will be used.',

  // ConnectView
  nameReadyWritten: '“{name}” is ready to be written.',
  followExistingBlogStart: 'Follow an existing blog, or start a new one here.',
  iHaveBlog: 'I have a blog',
  startNewBlog: 'Start a new blog',
  blogPostFeedAddress: 'Blog, post or feed address',
  findFeed: 'Find feed',
  lookingFeedsAddress: 'Looking for feeds at this address …',
  feedsFound: 'Feeds found',
  oneFeedFound: 'One feed found',
  candidatesFeedsFoundBest: '{candidates} feeds found, best match first',
  nameConnected: '“{name}” is connected',
  postsImportedNewPosts: '{posts, plural, one {# post} other {# posts}} imported. New posts are added automatically.',
  createListing: 'Create a listing',
  goCoverage: 'Go to Coverage',
  nameBlog: 'Name of the blog',
  createBlog: 'Create blog',

  howConnectingGoes:
    'We look for the blog’s feed and show what it holds; you choose. Nothing appears on your pages before you create a listing.',

  withoutFeedEither:
    'A page without a feed cannot be followed. You can import its posts once, or write the blog here from now on.',
  importPostsOfPage: 'Import its posts',
  writeItHere: 'Write it here',

  // BlogList
  blogsOfSite: 'Blogs of this site',
  noBlogHereYet: 'No blog yet. Connect one above, or start one here.',
  followed: 'Followed',
  writtenHere: 'Written here',
  countPosts: '{posts, plural, one {# post} other {# posts}}',
  rename: 'Rename',
  disconnect: 'Disconnect',

  // BlogDialog
  renameBlog: 'Rename blog',
  nameSaved: '“{name}” was saved.',
  cancel: 'Cancel',

  // DisconnectDialog
  disconnectName: 'Disconnect “{name}”',
  stopFollowing: 'Stop following',
  postsStayNoNewOnes:
    '{posts, plural, one {# post stays} other {# posts stay}}, and can be edited here. No new ones come in.',
  removeBlogPosts: 'Remove the blog and its posts',
  postsLeaveEverything:
    '{posts, plural, one {# post leaves} other {# posts leave}} listings, feeds and pages. Both can be restored for 30 days.',
  listingsShowIt:
    '{listings, plural, one {This listing shows it: {names}.} other {# listings show it: {names}.}} The others in it stay.',
  removeBlog: 'Remove blog',
  nameNoLongerFollowed: '“{name}” is no longer followed.',
  nameRemoved: '“{name}” was removed.',

  // RemovedBlogs
  removedBlogs: 'Removed blogs',
  removed: 'removed',
  restore: 'Restore',
  nameRestored: '“{name}” is back.',
  removedBlogsStay: 'Removed blogs are deleted permanently after 30 days.',

  // PageAddress
  connectedLastChecked: 'Connected, last checked {when}.',
  webAddress: 'Web address',
  customDomain: 'Custom domain',
  pointHostnameServerCname:
    'Point {hostName} to this server: a CNAME record for {server}, or whatever your host asks for. Old addresses go on working.',
  checkDns: 'Check DNS',
  metaDescription: 'Meta description',
  sitemap: 'Sitemap:',
  copySitemapsAddress: 'Copy the sitemap’s address',

  // PageColours
  ownCustomised: '{own} customised',
  default: 'default',
  coloursFonts: 'Colours and fonts',
  matchMySite: 'Match my site',
  matchVisitorsSetting: 'Match visitor’s setting',
  bodyFont: 'Body font',
  bodySizePx: 'Body size (px)',
  headingFont: 'Heading font',
  headingSizePx: 'Heading size (px)',

  // PageSetting
  readingTime: 'Reading time',
  measureEmWideCentred: '{measure} em wide, centred',
  measureEmWideLeft: '{measure} em wide, left-aligned',
  layoutSpacing: 'Layout and spacing',
  textWidth: 'Text width',
  emFontSize: 'em (× font size)',
  spacing: 'Spacing',
  compact: 'Compact',
  standard: 'Standard',
  spacious: 'Spacious',
  centreTitle: 'Centre the title',
  showTableContentsLonger: 'Show table of contents in longer posts',
  showAuthorBoxEnd: 'Show author box at the end',
  bylinePosition: 'Byline position',
  partsByline: 'Parts of the byline',
  aboveTitle: 'Above the title',
  belowTitle: 'Below the title',
  atTheEnd: 'At the end',

  // PagesView
  savedPagesUseStyle: 'Saved. The pages use this style now.',
  blogPages: 'Blog pages',
  notPublishedYet: 'Not published yet.',
  readersSeeThem: 'As readers see them.',
  openPages: 'Open the pages',
  publishChanges: 'Publish changes',
  noBlogYet: 'No blog yet',
  blogPagesPostsWritten:
    'Blog pages are for posts written here or imported. Start a blog, and its pages are there at once.',
  startBlog: 'Start a blog',
  pageLook: 'The page in this look',
  whichPage: 'Which page',
  postPage: 'Post page',
  blogIndex: 'Blog index',
} as const
