export default {
  // FindDialog
  coverage: 'Coverage',
  checkFeed: 'Check a feed',
  screen: 'screen',
  searchPostsListingsBlogs: 'Search posts, listings, blogs and screens',
  noResults: 'No results.',

  // FrameView
  skipMainContent: 'Skip to main content',
  antiphonHomeCoverage: 'Antiphon home: Coverage',
  goingOut: 'Going out',
  toldUnreadNotices: '{told} unread notices',
  comingBack: 'Coming back',
  commentsWaitingModeration: '{waiting, plural, one {# comment} other {# comments}} waiting for moderation',
  search: 'Search',

  // LoadingLine
  someCouldNotLoad: 'Some of this screen could not be loaded.',
  tryAgain: 'Try again',

  // KeysDialog
  ctrlK: 'Ctrl K',
  showKeyboardShortcuts: 'Show keyboard shortcuts',
  moveThroughQueue: 'Move through the queue',
  banCommenter: 'Ban the commenter',
  shift2Shift3: 'Shift 2, Shift 3',
  hideAllCommentsBy: 'Hide all comments by this commenter, or mark them as spam',
  addInternalNote: 'Add internal note',
  trustCommenter: 'Trust the commenter',
  moreActions: 'More actions',
  undoLastAction: 'Undo last action',
  moveBetweenCells: 'Move between cells',
  enter: 'Enter',
  showDetails: 'Show details',
  esc: 'Esc',
  closeDetails: 'Close details',
  moveThroughFindings: 'Move through the findings',
  ctrlS: 'Ctrl S',
  keyboardShortcuts: 'Keyboard shortcuts',

  // LostView
  pageNotFound: 'Page not found',
  linkMayOutDate: 'The link may be out of date or mistyped.',
  goCoverage: 'Go to Coverage',

  // PersonMenu
  matchSystem: 'Match system',
  nameAccountThemeSign: '{name}: account, theme, sign out',
  apiTokens: 'API tokens',
  signOut: 'Sign out',

  // places
  mentions: 'Mentions',

  // SiteSwitch
  siteNameSwitchSite: 'Site: {name}. Switch site',
  siteSettings: 'Site settings',
  addSite: 'Add a site',
} as const
