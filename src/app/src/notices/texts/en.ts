export default {
  // NoticeList
  dismissed: 'Dismissed.',
  notices: 'Notices',
  view: 'View',
} as const
