export default {
  // choices
  text2: 'On',
  off: 'Off',
  yes: 'Yes',
  no: 'No',
  everyComment: 'Every comment',
  firstTimeCommenters: 'First-time commenters',
  commentsLinks: 'Comments with links',
  commentsAboveSpamThreshold: 'Comments above the spam threshold',
  none2: 'None',
  upvotesOnly: 'Upvotes only',
  upDown: 'Up and down',
  oldestFirst: 'Oldest first',
  newestFirst: 'Newest first',
  bestFirst: 'Best first',
  mostLiked: 'Most liked',
  leastLiked: 'Least liked',
  mostAnswered: 'Most answered',
  noReplies: 'No replies',
  one: 'One',
  two: 'Two',
  three: 'Three',
  everyone: 'Everyone',
  confirmedEmailAddress: 'Confirmed email address',
  invitedPeople: 'Invited people',
  teamOnly: 'Team only',

  // CommentSettingsView
  theSite: 'the site',
  setName: 'Set for {name}.',
  savedSite: 'Saved for the site.',
  blogsInheritFromSite: 'Blogs inherit from the site, posts from their blog, unless changed.',
  appliesTo: 'Applies to',
  readersCanComment: 'Readers can comment',

  // LayerDialog
  settingsDontChangeInherited: 'Settings you don’t change are inherited from {from}.',

  // LayerLines
  commentingModeration: 'Commenting and moderation',
  confirmedCommentsHeldUntil: 'Confirmed: comments are held until the commenter confirms by email.',
  emailAddressesInvitedCommenters: 'Email addresses of invited commenters',
  onePerLine: 'One per line.',
  neverShown: 'It is never shown.',
  rulesTakePrecedence: 'Rules take precedence.',
  holdCommentsContaining: 'Hold comments containing',
  onePerLineMatches: 'One per line. * matches any letters.',
  rejectCommentsContaining: 'Reject comments containing',
  commenterSeesMessageCan: 'The commenter sees a message and can edit the text.',
  wordsAreRules: 'Words for which comments are held or rejected:',
  n0NeverAfterPublish: '0 = never. After you publish it again, the number doubles.',
  reports2: 'reports',
  displayInteraction: 'Display and interaction',
  upEightEmojiSeparated: 'Up to eight emoji, separated by spaces. Leave empty for none.',
  productServiceAverageDistribution:
    'For a product or a service. Average and distribution are shown above the comments and to search engines.',
  locationCameraDataRemoved:
    'Location and camera data are removed. Held for moderation unless the commenter is trusted.',
  mentionsAppearCommentsAfter: 'Mentions appear with the comments after approval.',
  readersCanChangeBest: 'Readers can change it. “Best” weighs votes by how many there are.',
  othersOpenFromShow: 'The others open from “Show more comments”.',
  comments2: 'comments',
  sameDevice0No: 'On the same device. 0 = no editing. Commenters can always delete their comment.',
  minutes: 'minutes',
  kindWeReadEverything: 'Be kind; we read everything before dawn.',
  opensAboveForm: 'Opens above the form.',
  languageButtonsMessagesE: 'Language of buttons and messages, e.g. en. Leave empty for the site’s language.',
  closing: 'Closing',
  daysAfterPostWas: 'Days after a post was published; 0 for never.',
  days: 'days',
  siteTimeZoneLeave: 'Site time zone. Leave empty for never.',
  seasonOverSeeSeptember: 'The season is over; see you in September.',

  // PostLayer
  commentsPost: 'Comments on this post',
  takeOver: 'Take over',

  // PostsThatDiffer
  postsDifferOff:
    '{posts, plural, one {<b># post</b> differs} other {<b># posts</b> differ}}: comments are off there. A default alone does not reach them; new posts get it.',
  postsDifferOn:
    '{posts, plural, one {<b># post</b> differs} other {<b># posts</b> differ}}: comments are on there. A default alone does not reach them; new posts get it.',
  commentsOlderPosts: 'Comments are on for {posts, plural, one {# older post} other {# older posts}}.',
  commentsOffOlderPosts: 'Comments are off for {posts, plural, one {# older post} other {# older posts}}.',
  publishedFrom: 'Published from',
  inTheCategory: 'In the category',
  turnCommentsPosts: 'Turn comments on for {touched, plural, one {# post} other {# posts}}',
  turnCommentsOffPosts: 'Turn comments off for {touched, plural, one {# post} other {# posts}}',

  // SettingFrame

  // CheckPart
  hasNoCommentSnippet: 'has no comment snippet',
  pasteSnippetSavePublish: 'Paste the snippet, save and publish the page.',
  carriesMoreThanOne: 'carries more than one thread ({value})',
  removeAllButOne: 'Remove all but one; otherwise visitors see two forms.',
  hasThreadWithoutIdentifier: 'has a thread without identifier',
  addOneOtherwiseNew: 'Add one; otherwise a new address starts a new thread.',
  showsPlaceholderValue: 'shows the placeholder {value}',
  templateDoesNotFill: 'The template does not fill in placeholders there. Paste it into the post template.',
  sharesIdentifierValueAnother: 'shares the thread “{value}” with another page',
  bothPagesShowSame:
    'Both pages show the same comments. Give each its own canonical address, or its own ID in the snippet.',
  namesValueWhichNot: 'names {value}, which is not its canonical address',
  makeBothSameSo: 'Make both the same, so that links to comments lead here.',
  doesNotLoadOur: 'does not load our script',
  pasteSnippetWholeWithout: 'Paste the snippet whole; without the script readers get a link only.',
  carriesThreadAnotherSite: 'carries the thread of another site ({value})',
  copySnippetSite: 'Copy the snippet of this site.',
  pageAddressesOnePer: 'Page addresses (one per line)',
  checkPages: 'Check pages',
  pagesOk: '{good, plural, one {# page} other {# pages}} OK.',

  // MovesPart
  commentsMoveOldId: '{comments, plural, one {# comment} other {# comments}} move; the old ID redirects',
  commentsMergeBeforeThere: '{comments, plural, one {# comment} other {# comments}} merge with {before} there',
  alreadySameThread: 'already the same thread',
  noThreadId: 'no thread with this ID',
  newIdMissing: 'new ID missing',
  conversationsMoved: '{conversations, plural, one {# thread} other {# threads}} moved.',
  how: 'How',
  fromList: 'From a list',
  byAddressPrefix: 'By address prefix',
  oldNewIdOne: 'Old and new ID, one pair per line',
  visitPageVisit: 'visit-page,visit',
  identifiersAddressesSeparatedBy:
    'Identifiers or addresses, separated by a comma. Where a thread has the new name already, both are merged.',
  oldPrefix: 'Old prefix',
  newPrefix: 'New prefix',
  noMatchingThreads: 'No matching threads.',
  moveConversations: 'Move {conversations, plural, one {# thread} other {# threads}}',

  // PageLayer
  setTitle: 'Set for {title}.',
  commentsTitle: 'Comments on {title}',

  // PlacePart
  postsWrittenHereAlready:
    'Posts written here already have comments. Any other page can have them, too, such as a product or a programme.',
  where: 'Where',
  singlePage: 'Single page',
  allPagesTemplate: 'All pages of a template',
  oneSnippetServesEvery:
    'The same snippet serves every page: each gets its own thread, known by its canonical address.',
  addressesMayChange: 'Page addresses may change: use a permanent ID',
  templateMustOutputPermanent:
    'Your template outputs something that never changes, such as the post’s number. Choose its placeholder syntax and enter the name.',
  idPlaceholder: 'ID placeholder',
  permanentIdOptional: 'Permanent ID (optional)',
  visitPage: 'visit-page',
  commentsStayIdEven: 'Comments stay with this ID even if the address changes.',
  addressPage: 'Address of the page',
  createSnippet: 'Create snippet',
  pasteWhereConversationShould: 'Paste this where the comments should appear, save and publish.',
  optionalPasteWhereWant: 'Optional: paste this where you want the comment count. It links to the comments.',
  countInListTemplate:
    'Optional: the comment count in a list of posts. Replace ADDRESS-OF-THE-POST with what your template outputs for the link to the post.',
  copyCountSnippet: 'Copy count snippet',

  // ThreadsView
  allThreads: 'All threads',
  threads2: '{threads, plural, one {# thread} other {# threads}}',
  addCommentsPage: 'Add comments to a page',
  moveMergeThreads: 'Move or merge threads',
  searchThreads: 'Search threads',
  noThreadsFound: 'No threads found.',
  noThreadsYetOne: 'No threads yet. One is created with the first comment.',
  lastComment: 'Last comment',

  // TransferPart
  csvSpreadsheets: 'CSV, for spreadsheets',
  newCommentsNewThreads:
    '{comments, plural, one {# new comment} other {# new comments}} in {threads, plural, one {# new thread} other {# new threads}} and existing ones',
  knownAlreadyImportedUnchanged: '{known} already imported, unchanged',
  repliesWhoseParentMissing:
    '{orphans, plural, one {# reply} other {# replies}} whose parent is missing will become top-level comments',
  commentsImported: '{comments, plural, one {# comment} other {# comments}} imported.',
  exportAllComments: 'Export all comments:',
  commentsFile: 'Comments file',
  holdAllModeration: 'Hold all for moderation',
  previewImport: 'Preview import',
  commentsCannotImported: '{refused, plural, one {# comment} other {# comments}} cannot be imported:',
  numberPlace: 'Number {place}',
  theFile: 'The file',
  importComments: 'Import {comments, plural, one {# comment} other {# comments}}',
  showWriterPictures: 'Show a picture beside each comment',
  initialsOrAuthorPicture: 'Initials of the commenter; for authors of the site, their picture.',
}
