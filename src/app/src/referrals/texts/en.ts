export default {
  // ArrivalsView
  aWeek: 'A week',
  aMonth: 'A month',
  threeMonths: 'Three months',
  other: 'Other',
  fromLinkTag: 'from link tag',
  fromBrowserReferrer: 'from browser referrer',
  trafficSources: 'Traffic sources',
  visitsNoCookiesNo: '{total, plural, one {# visit} other {# visits}}. No cookies, no tracking.',
  noVisitsPeriod: 'No visits in this period',
  visitsCountedPagesPosts:
    'Visits are counted on the pages of your posts, here and on your site. Links in channels and emails are tagged with their source.',
  totalReadersByWhat: '{total} readers by what brought them',
  visits: 'Visits',
  post: 'Post',

  // YieldTable
  clicksEmailNotCounted: 'Clicks in this email are not counted',
  linksHaveNoSource: 'Links have no source tag. Add one in the channel’s settings.',
  channel: 'Channel',
  delivered: 'Delivered',
  opens: 'Opens',
  replies: 'Replies',
  notCounted: 'Not counted',
} as const
