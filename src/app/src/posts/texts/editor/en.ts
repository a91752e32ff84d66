export default {
  // classed
  contentsFromHeadings: 'Contents, from the headings',
  aboutAuthor: 'About the author',
  relatedPosts: 'Related posts',
  contactFormNameEmail: 'Contact form: name, email, message; messages go to the team',
  signUpFormNew: 'Sign-up form for new posts by email',
  followLinksFromSite: 'Follow links (from site settings)',

  // AddressDialog
  video: 'Video',
  addressFileMp4Webm: 'Address of the file (MP4 or WebM)',
  audio: 'Audio',
  addressFileMp3M4a: 'Address of the file (MP3, M4A or OGG)',
  linkPreview: 'Link preview',
  addressPage: 'Address of the page',
  enterFullAddressStarting: 'Enter a full address starting with https://.',
  nothingLoadedUntilVisitor: 'Nothing is loaded until the visitor presses play.',
  titleTextPictureCopied: 'Title, text and picture are copied once, so visitors are not tracked.',
  insert: 'Insert',

  // DetailsPart
  moreCategories: 'More categories',
  suggested: 'Suggested:',
  featured: 'Featured',
  pinned: 'Pinned',
  emptyStartTextUsed: 'Empty: the start of the text is used.',
  text2: 'You',
  changePicture: 'Change picture …',
  choosePicture: 'Choose a picture …',
  removePicture: 'Remove picture',
  pictureAddress: 'Picture address',
  descriptionAltText: 'Description (alt text)',
  sourceLink: 'Source link',
  slug: 'Slug',
  fromTitle: 'from the title',

  // OwnFields
  customFields: 'Custom fields',

  // PictureUses
  itsPage: 'On its page',
  inListings: 'In listings',
  socialPreview: 'Social preview',
  pictureEachPlace: 'The picture in each place',
  itsOwn: 'its own',
  thePosts: 'the post’s',
  cutPlacePlace: 'Cut it for this place: {place}',
  crop: 'Crop …',
  anotherPicturePlace: 'Another picture: {place}',
  change: 'Change …',
  usePostsPicturePlace: 'Use the post’s picture: {place}',
  reset: 'Reset',

  // ReviewPart
  review: 'Review',
  reopen: 'Reopen',
  done: 'Done',
  aboutChosen: 'About: “{chosen}”',
  commentSelectedText: 'Comment on the selected text',
  commentSelectTextRefer: 'Comment (select text to refer to it)',
  addComment: 'Add comment',

  // SearchPart
  seoSocial: 'SEO and social',
  titleSearchResults: 'Title in search results',
  descriptionSearchResults: 'Description in search results',
  socialTitle: 'Social title',
  socialDescription: 'Social description',
  canonicalAddress: 'Canonical address',
  languageIfNotSites: "Language, if not the site's",
  deFrCa: 'de, fr-CA …',
  hideFromSearchEngines: 'Hide from search engines',
  commentsMentions: 'Comments and mentions',
  readersCanComment: 'Readers can comment',
  closeComments: 'Close comments on',
  commentSettings: 'Comment settings …',
  showMentions: 'Show mentions',

  // EditorActs
  previewLinkCopiedAnyone: 'Preview link copied. Anyone with it can see the post for seven days.',
  sentBack: 'Sent back.',
  copyPreviewLink: 'Copy preview link',
  viewPost: 'View post',
  destinations: 'Destinations',
  unschedule: 'Unschedule',
  draftAgain: 'It is a draft again.',
  withdraw: 'Withdraw',
  withdrawnRemovedFromListings: 'Withdrawn. Removed from listings and feeds.',
  changesPublic: 'The changes are public.',
  publishChanges: 'Publish changes',
  publishedAgain: 'Published again.',
  publishAgain: 'Publish again',
  sendBack: 'Send back …',
  saved: 'Saved.',
  publish2: 'Publish …',
  sendReview: 'Send for review …',
  sendBackChanges: 'Send back for changes',
  everyoneWhoEditedPost: 'Everyone who edited the post gets an email. Comments stay beside the text.',
  message: 'Message',

  // EditorNews
  unpublishedChangesBy: 'Unpublished changes by {by}, saved {when}; readers see the post as it was.',
  othersHaveOpen:
    '<b>{names}</b> {others, plural, one {has} other {have}} this post open, too. The first save counts; nothing is lost.',
  overtakenHasSavedPost:
    '{overtaken} has saved this post since you opened it. Copy your changes, reload the page and paste them.',
  discardChanges: 'Discard changes',
  willPublishedGoesoutClocknote: 'Will be published {goesOut}. {clockNote}',

  // EditorSide
  details: 'Details',

  // PageDialog
  pagePost: 'The page of this post',
  untitled: 'Untitled',
  closePreview: 'Close preview',

  // PublishDialog
  anyEditor: 'Any editor',
  now: 'Now',
  later: 'Later',
  sendReview2: 'Send for review',
  publishTitle: 'Publish “{title}”?',
  addedItsPageFeed:
    'It is added to its page, the feed and matching listings. {receivers, plural, one {# subscriber} other {# subscribers}} will get an email.',
  addedItsPageFeedMatching: 'It is added to its page, the feed and matching listings. No emails will be sent.',
  timeZoneSite: 'time zone of the site',
  dateTimeZone: 'Date and time ({zone})',
  willPublishedAutomaticallySubscribers:
    'It will be published automatically, and {receivers, plural, one {# subscriber gets} other {# subscribers get}} an email.',
  willPublishedAutomatically: 'It will be published automatically.',
  reviewer: 'Reviewer',
  messageReviewer: 'Message to the reviewer',
  issuesSeeChecksBefore: '{findings, plural, one {# issue} other {# issues}}; see “Checks before publishing”.',
  publishSendEmails: 'Publish and send {receivers, plural, one {# email} other {# emails}}',
  schedule: 'Schedule',

  // ChannelLook
  readAloudPicturealt: 'Read aloud: “{pictureAlt}”',
  noAltText: 'No alt text.',
  postName: 'The post at {name}',
  whatSent: 'What is sent',

  // ChannelSheet
  titleEveryChannel: '“{title}” on every channel',
  basedLastSavedVersion: 'Based on the last saved version.',
  checkLinksAgain: 'Check links again',
  checkLinks: 'Check links',
  noProblemsItsLinks: 'No problems; its links work.',
  noProblems: 'No problems.',
  deliveryStatus: 'Delivery status',

  // GoesByMail
  byMail: 'By email',
  notSentByEmail: 'Not sent by email.',
  alreadySentNoDigest: 'Already sent, or no digest includes it.',
  subscribers2: '{receivers, plural, one {# subscriber} other {# subscribers}}',
  whenPublished: 'when it is published',
  doNotSendBy: 'Do not send by email',

  // GoesTo
  excludedPost: 'excluded for this post',
  willSent: 'will be sent',
  countPreviews: '{count} of {previews}',
  compareChannels: 'Compare channels',
  basedLastSavedVersionChanges: 'Based on the last saved version. Changes apply after saving.',

  // MailLook
  notAnyEmailAlready: 'Not in any email: already sent or excluded.',
  digest: 'Digest',
  theEmail: 'The email',

  // WidthMeter
  widthMostPixels: '{width} of {most} pixels',
  truncatedMostWidthPixels: 'Truncated at {most} of {width} pixels',

  // WishFields
  channelDefault: 'Channel default',
  send: 'Send',
  doNotSend: 'Do not send',
  thisPost: 'This post',
  sendAt: 'Send at',
  textTurn: 'Text {turn}',
  customText: 'Custom text',

  // usePresence
  somebody: 'Somebody',

  // usePublishing
  publishedSendingEmails: 'Published. Sending {receivers, plural, one {# email} other {# emails}}.',
  published2: 'Published.',
  scheduled: 'Scheduled.',
  sentReview: 'Sent for review.',

  // ColourMenu
  green: 'Green',
  red: 'Red',
  amber: 'Amber',
  grey: 'Grey',
  textColour: 'Text colour',
  highlight: 'Highlight',
  greyHighlightHardRead: 'Grey on a highlight is hard to read. Choose another text colour.',

  // FindBar
  placesReplaced: '{places, plural, one {# place} other {# places}} replaced.',
  findText: 'Find in the text',
  find: 'Find',
  atOfFound: '{at} of {found}',
  noMatches: 'No matches',
  next: 'Next',
  previous: 'Previous',
  matchCase: 'Match case',
  replaceWith: 'Replace with',
  replace: 'Replace',
  replaceAll: 'Replace all',

  // InsertMenu
  picture: 'Picture …',
  gallery: 'Gallery …',
  video2: 'Video …',
  audio2: 'Audio …',
  linkPreview2: 'Link preview …',
  table: 'Table',
  pullQuote: 'Pull quote',
  code: 'Code',
  copyableText: 'Copyable text',
  ra00h42mDec: 'RA 00h 42m, Dec +41°',
  button: 'Button …',
  divider: 'Divider',
  tableContents: 'Table of contents',
  contactForm: 'Contact form',
  signUpForm: 'Sign-up form',
  followLinks: 'Follow links',
  templatePlaceholder: 'Template placeholder',

  // LinkDialog
  enterFullAddressStartingHttps: 'Enter a full address starting with https:// or mailto:.',
  enterButtonTextAddress: 'Enter the button text and address.',
  button2: 'Button',
  editLink: 'Edit link',
  link: 'Link',
  buttonText: 'Button text',
  address: 'Address',
  leaveEmptyRemoveLink: 'Leave empty to remove the link.',
  apply: 'Apply',

  // MarkdownDialog
  textMarkdown: 'The text as Markdown',
  markdown: 'Markdown',
  replacePostText: 'Replace post text',
  copy: 'Copy',
  download: 'Download',
  openFile: 'Open a file',

  // TemplateBar
  startFromTemplate: 'Start from a template',
  startFrom: 'Start from',
  removeTemplateName: 'Remove template {name}',
  blankPost: 'or a blank post',

  // TemplateDialog
  saveTemplate: 'Save as template',
  newPostsCanStart:
    'New posts can start from this text, category and tags. Mark text as a placeholder with Insert; typing replaces it.',
  nameSuchObservingReport: 'Name, such as Observing report',
  replacesExistingTemplate: 'Replaces the existing template.',
  saveTemplate2: 'Save template',

  // PictureTools
  libraryHasDescription: 'The picture has this description in the library too.',
  normal: 'Normal',
  wide: 'Wide',
  small: 'Small',
  left: 'Left',
  right: 'Right',
  remove: 'Remove',
  inThisText: 'In this text',
  rowBelow: 'Row below',
  columnAfter: 'Column after',
  removeRow: 'Remove row',
  removeColumn: 'Remove column',
  headingRow: 'Heading row',
  removeTable: 'Remove the table',
  languageCode: 'Language of the code',

  // TextEditor
  textPost: 'Text of the post',
  formatting: 'Formatting',
  linkCtrlShiftK: 'Link (Ctrl Shift K)',
  findReplaceCtrlF: 'Find and replace (Ctrl H)',
  findReplace: 'Find and replace',
  uploadingName: 'Uploading {name} …',
  noPreviewAvailableN: 'No preview available: {reason} A plain link was inserted.',

  // tools
  bold: 'Bold',
  ctrlB: 'Ctrl B',
  italic: 'Italic',
  ctrlI: 'Ctrl I',
  underline: 'Underline',
  ctrlU: 'Ctrl U',
  strikethrough: 'Strikethrough',
  superscript: 'Superscript',
  subscript: 'Subscript',
  inlineCode: 'Inline code',
  heading2: 'Heading 2',
  heading3: 'Heading 3',
  bulletedList: 'Bulleted list',
  numberedList: 'Numbered list',
  taskList: 'Task list',
  quote: 'Quote',
  alignCentre: 'Align centre',
  alignRight: 'Align right',
  footnote: 'Footnote',
  ctrlZ: 'Ctrl Z',
  redo: 'Redo',
  ctrlShiftZ: 'Ctrl Shift Z',

  // useTemplates
  newPostsCanStartFrom: 'New posts can start from “{name}”.',
  templateNameDeletedIts: 'Template “{name}” deleted. Its posts are kept.',

  // EditorView
  postComesFromFollowed: 'This post comes from a followed feed. Edit it at its source.',
  saving: 'Saving …',
  savedUnpublishedChanges: 'Saved as unpublished changes.',
  unpublishedChanges: 'Unpublished changes.',
  notSavedYet: 'Not saved yet.',
  startedFromName: 'Started from “{name}”.',
  newPost: 'New post',
  openingPost: 'Opening the post …',
  noBlogYet: 'No blog yet',
  startOneWrittenHere: 'Start one that is written here; it gets a page and a feed of its own.',
  startBlog: 'Start a blog',
  wordsMaxMinRead: '{words, plural, one {# word} other {# words}}, {minutes} min to read',
  versionHistory: 'Version history',
  editMarkdown: 'Edit as Markdown',
  versionRestoredEditorSave: 'Version restored in the editor. Save to keep it.',
  markdownPost: 'The Markdown is in the post.',

  // PostFindings
  checksBeforePublishing: 'Checks before publishing',
  checkingLinks: 'Checking links …',
  allLinksWork: 'All links work.',

  // PostPreview
  startText: 'The start of the text',
  previews: 'Previews',
  inAListing: 'In a listing',
  searchResultHiddenFrom: 'As a search result (hidden from search engines)',
  searchResult: 'As a search result',
  feedReader: 'In a feed reader',

  // VersionsDialog
  noVersionsYetNext: 'No versions yet. The next save creates one.',
  versionsLatestFirst: 'Versions, the latest first',
  changesSince: 'Changes since:',
  deleted: 'deleted',
  added: 'added',
  sameCurrentText: 'Same as the current text.',
  differences: 'Differences',
  restoreVersion: 'Restore this version',

  // PictureTools
  size: 'Size',

  // tools
  indent: 'Indent',
  outdent: 'Outdent',

  // SearchPart
  sameAsSite: 'Same as site',
  onHere: 'On',
  offHere: 'Off',
}
