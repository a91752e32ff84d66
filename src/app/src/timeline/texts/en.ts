export default {
  // ChannelsView
  aWeek: 'A week',
  aDay: 'A day',
  channelsScheduledDeliveriesFailed:
    '{channels, plural, one {# channel} other {# channels}}, {open, plural, one {# scheduled delivery} other {# scheduled deliveries}}, {failed} failed.',
  channelsScheduledDeliveries:
    '{channels, plural, one {# channel} other {# channels}}, {open, plural, one {# scheduled delivery} other {# scheduled deliveries}}.',
  pauseAll: 'Pause all',
  resumeAll: 'Resume all',
  addChannel: 'Add a channel',
  readingChannels: 'Reading the channels …',
  sendPostsFurther: 'Send posts further',
  addChannelSendThem:
    'Add a channel to send them further: to a social network, a partner’s site, a feed hub (WebSub), pages you link to, or your own software.',
  period: 'Period',
  dragQueuedDeliveryReschedule: 'Drag a queued delivery to reschedule it (Shift + arrow: one day).',
  timeLine: 'Time line',
  nameEarlier: '{name} earlier',
  today: 'Today',
  nameLater: '{name} later',
  showingLatest600Deliveries: 'Showing the latest 600 deliveries of this period.',

  // DeliveryAttempts
  accepted: 'accepted',
  rejected: 'rejected',
  temporaryFailure: 'temporary failure',
  skipped: 'skipped',
  attempts: 'Attempts',
  noAttemptsYet: 'No attempts yet.',
  millisecondsMs: '{milliseconds} ms',

  // DeliveryCase
  updatedWhen: 'updated {when}',
  rateLimitReached: 'Rate limit reached; it will be sent after {when}.',
  goesOutAt: 'goes out {when}',
  sinceWhen: 'since {when}',
  acceptedWhen: 'accepted {when}',
  usesTextTurnNow: 'Uses text {turn} now.',
  delivery: 'Delivery',
  awaitingApproval: 'Awaiting approval',
  onHold: 'On hold',
  noRepliesYet: 'No replies yet',
  noFiguresYet: 'No figures yet',
  refresh: 'Refresh',
  whatWasSent: 'What was sent',
  whatWillSent: 'What will be sent',
  textTurnTurns: '· text {turn} of {turns}',
  countLimit: '· {count} of {limit}',
  textSaved: 'Text saved.',
  saveText: 'Save text',
  resetTemplate: 'Reset to template',
  moved: 'Moved.',
  sendAt: 'Send at',
  reschedule: 'Reschedule',
  goesOutItsTime: 'It goes out at its time.',
  approve: 'Approve',
  release: 'Release',
  held: 'Held.',
  putHold: 'Put on hold',
  editText: 'Edit text',
  useNextText: 'Use next text',
  cancelDelivery: 'Cancel delivery',
  tryAgain: 'Retry',
  sendAgain: 'Send again',

  // DeliveryList
  scheduled: 'Scheduled',
  sent: 'Sent',
  waitsApproval: 'waits for approval',
  held2: 'held',

  // FailureLines
  deliveriesFailed: '<b>{name}</b>: {count, plural, one {# delivery} other {# deliveries}} failed. {answer}',
  pausedAfterFailures: '<b>{name}</b> Paused after repeated failures. Last response: {answer}',
  retryingDeliveries: 'Retrying {deliveries, plural, one {# delivery} other {# deliveries}}.',
  retry: 'Retry',
  retryAllCount: 'Retry all {count}',

  // LaneFrame
  wordsDragUseMove: '{words}. Drag it, or use ← and →, to move it',

  // LaneLine
  places: '{items, plural, one {# place} other {# places}}',
  pausedAutomatically: 'paused automatically',
  paused2: 'paused',
  rateLimitedUntilWhen: 'rate-limited until {when}',

  // MailLanes
  titleDeliveredTotalDelivered: '{title}, {delivered} of {total} delivered, {failed} failed, {when}',
  titleDeliveredTotalDeliveredWhen: '{title}, {delivered} of {total} delivered, {when}',
  goesOutWhen: 'Goes out {when}',
  emailRhythm: 'Email, {rhythm}',

  // timeLine
  threeWeeks: 'Three weeks',
  twoDays: 'Two days',

  // useDelivery
  cancelled: 'Cancelled.',
  counted: 'Counted.',
  retrying: 'Retrying.',
  sendingAgain: 'Sending again.',

  // useDeliveryMoving
  titleWillSentWhen: '“{title}” will be sent on {when}.',
} as const
