export default {
  // CalendarView
  calendar: 'Calendar',
  postsScheduled: ', {coming, plural, one {# post} other {# posts}} scheduled',
  previousMonth: 'Previous month',
  nextMonth: 'Next month',
  today: 'Today',
  dragScheduledPostsAnother: 'Drag scheduled posts to another day',
  unscheduled: 'Unscheduled',
  noUnscheduledDrafts: 'No unscheduled drafts.',

  // useCalendarMoving
  titleWillPublishedDay: '“{title}” will be published on {day} at {time}.',

  // BulkBar
  posts2: '{posts, plural, one {# post} other {# posts}}',
  restore: 'Restore',
  restoreNFromBin: 'Restore {n, plural, one {# post} other {# posts}} from the bin',
  moveNW: 'Move {n, plural, one {# post} other {# posts}} to {w}',
  removeCategoryFromN: 'Remove category from {n, plural, one {# post} other {# posts}}',
  addTags: 'Add tags',
  tagNW: 'Tag {n, plural, one {# post} other {# posts}} {w}',
  tagN: 'Tag {n, plural, one {# post} other {# posts}}',
  removeTags: 'Remove tags',
  tags2: 'tags',
  takeWOffN: 'Take {w} off {n, plural, one {# post} other {# posts}}',
  setAuthorNW: 'Set author of {n, plural, one {# post} other {# posts}} to {w}',
  feature: 'Feature',
  featureN: 'Feature {n, plural, one {# post} other {# posts}}',
  commentsOff: 'Comments off',
  turnCommentsOffN: 'Turn comments off for {n, plural, one {# post} other {# posts}}',
  commentsOn: 'Comments on',
  turnCommentsN: 'Turn comments on for {n, plural, one {# post} other {# posts}}',
  withdrawN: 'Withdraw {n, plural, one {# post} other {# posts}}',
  changeDraft: 'Change to draft',
  makeNDrafts: '{n, plural, one {Make # post a draft} other {Make # posts drafts}}',
  moveBin: 'Move to bin',
  putNIntoBin: 'Put {n, plural, one {# post} other {# posts}} into the bin',
  doneDoes: 'Done: {does}.',
  noChangesNeeded: 'No changes needed.',
  editSelectedPosts: 'Edit selected posts',
  postsSelected: '{posts, plural, one {# post} other {# posts}} selected',
  selectAllTotal: 'Select all {total, number}',
  clearSelection: 'Clear selection',
  removeAuthorFromN: 'Remove author from {n, plural, one {# post} other {# posts}}',
  changesPosts: 'This changes {posts}.',
  changesNothing: 'This changes nothing.',
  unchangedUnchanged: '{unchanged} unchanged.',
  belongFollowedBlogsStays: '{followed, plural, one {# belongs} other {# belong}} to followed blogs and stays.',
  belongFollowedBlogsStay: '{followed, plural, one {# belongs} other {# belong}} to followed blogs and stay.',
  theyLieBin30: 'They lie in the bin for 30 days.',

  // columns
  status: 'Status',
  lastEdited: 'Last edited',
  issues: 'Issues',

  // PostDetails
  postDetails: 'Details of the post',
  detailsNotSaved: 'Your changes are not saved. Save them, or close once more to discard them.',
  detailsSaved: 'Details of “{title}” saved.',
  movedToBin: '“{title}” is in the bin.',
  restoredFromBin: '“{title}” is restored.',
  openInEditor: 'Open in editor',
  read: 'Read',
  view: 'View on page',
  duplicate: 'Duplicate',
  followedDetailsComeFromFeed:
    'These details come from the blog’s feed. Change them there; the next reading brings them here.',

  // PostFilter
  import: 'Import',
  importNumber: 'no. {number}',
  filter: 'Filter',
  inTheBin: 'In the bin',
  tag: 'Tag',
  from: 'From',
  until: 'Until',
  issuesOnly: 'With issues only',
  filterIs: '{name}: {value}',
  removeFilter: 'Remove filter {name}: {value}',
  clearFilters: 'Clear filters',

  // PostTable
  chooseAllPostsShown: 'Choose all posts shown',
  chooseTitle: 'Choose “{title}”',
  detailsOfTitle: 'Details of “{title}”',
  followed: 'Followed blog',

  // plainLines
  picture2: 'picture',

  // PostsView
  postsInAll: '{total, plural, one {# post} other {# posts}}.',
  postsFound: '{total, plural, one {# post} other {# posts}} found.',
  postsInBin: '{total, plural, one {# post} other {# posts}} in the bin, kept for 30 days.',
  searchPosts: 'Search posts',
  columns: 'Columns',
  readingPosts: 'Reading the posts …',
  binEmpty: 'The bin is empty',
  noPostsFound: 'No posts found',
  noPostsYet: 'No posts yet',
  deletedPostsCanRestored: 'Deleted posts can be restored for 30 days.',
  changeSearchFilters: 'Change the search or filters.',
  writeFirstOneConnect: 'Write the first one, or connect a blog whose posts are read from its feed.',

  // status
  draft: 'Draft',
  inReview: 'In review',
  scheduled2: 'Scheduled',
  withdrawn: 'Withdrawn',

  // AuthorDialog
  newAuthor: 'New author',
  biography: 'Biography',
  authorsWebsite: 'Author’s website',
  anotherPicture: 'Another picture …',
  noPicture: 'No picture',

  // CategoryDialog
  newCategory: 'New category',
  parentCategory: 'Parent category',
  noneTopLevel: 'None (top level)',

  // OwnFieldsPart
  shortText: 'Short text',
  severalLines: 'Several lines',
  aNumber: 'A number',
  aDay: 'A day',
  choice: 'Choice',
  yesNo: 'Yes or no',
  aPicture: 'A picture',
  aLink: 'A link',
  customFieldsSaved: 'Custom fields saved.',
  extraDetailsPostsBlog:
    "Extra details for posts of this blog, e.g. the instrument used. Readers see them on the post's page; imports fill them.",
  options: 'Options',
  unit: 'Unit',
  required: 'Required',
  showVisitors: 'Show to visitors',
  addField: 'Add a field',
  saveFields: 'Save the fields',
  valuesRemovedFieldsKept: 'Values of removed fields are kept and return if you add the field again.',

  // RenameDialog
  thisChanges: 'This changes {posts, plural, one {# post} other {# posts}}.',
  postsChanged: '{posts, plural, one {# post} other {# posts}} changed.',
  renameName: 'Rename “{name}”',
  newNameLeaveEmpty: 'New name (leave empty to remove)',
  nameAlreadyUsedBy:
    '“{name}” is already used by {posts, plural, one {# post} other {# posts}}. They will be merged. This cannot be undone.',
  removeFromPosts: 'Remove from posts',
  merge: 'Merge',
  rename: 'Rename',

  // TermsView
  categoriesTagsAuthors: 'Categories, tags, authors',
  organisePostsByCategory: 'Organise posts by category, tag, author and custom field.',
  addCategory: 'Add a category',
  addAuthor: 'Add author',
  sections: 'Sections',
  renameMerge: 'Rename or merge',
  noDescription: 'No description.',
}
