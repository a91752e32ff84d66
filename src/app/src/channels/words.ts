import type { Schemas } from '../api'
import { counted } from '../shared'

export const states: Record<Schemas['DeliveryState'], { name: string; tone: string }> = {
  queued: { name: 'Queued', tone: 'o' },
  sending: { name: 'Sending', tone: 'o' },
  delivered: { name: 'Delivered', tone: 'v' },
  retrying: { name: 'Retrying', tone: 'o' },
  failed: { name: 'Failed', tone: 'm' },
  cancelled: { name: 'Cancelled', tone: 'plain' },
}

/** The marks of the board, which mean the same here. */
export const markOf: Record<Schemas['DeliveryState'], Schemas['CoverageMark']> = {
  queued: 'due',
  sending: 'due',
  delivered: 'inPlace',
  retrying: 'outOfDate',
  failed: 'failed',
  cancelled: 'leftOut',
}

export const kinds: Record<
  Schemas['ChannelKind'],
  { name: string; does: string; secret: string | null; address: string }
> = {
  social: {
    name: 'Social network',
    does: 'A short post for each post, with its link and picture.',
    secret: 'Token',
    address: 'API address',
  },
  partner: {
    name: 'Partner site',
    does: 'The post itself, with this site named as its source.',
    secret: 'Token',
    address: 'API address',
  },
  webhook: {
    name: 'Webhook',
    does: 'Sends a signed request to your software for each event.',
    secret: 'Secret',
    address: 'Endpoint address',
  },
  hub: {
    name: 'Hub',
    does: 'Notifies feed readers of new posts within seconds (WebSub).',
    secret: null,
    address: 'Address of the hub',
  },
  pings: {
    name: 'Link notifications',
    does: 'Notifies pages you link to (Webmention or Pingback).',
    secret: null,
    address: '',
  },
}

export const whens: { value: Schemas['ChannelWhen']; title: string }[] = [
  { value: 'atOnce', title: 'Immediately' },
  { value: 'afterDelay', title: 'After a delay' },
  { value: 'nextSlot', title: 'In the next free slot' },
  { value: 'afterApproval', title: 'After approval' },
]

export const partnerWays: { value: Schemas['PartnerProtocol']; title: string }[] = [
  { value: 'micropub', title: 'Micropub' },
  { value: 'atomPub', title: 'AtomPub (older sites)' },
]

export const extents: { value: Schemas['BodyExtent']; title: string }[] = [
  { value: 'whole', title: 'Full post' },
  { value: 'excerpt', title: 'Excerpt and link' },
  { value: 'link', title: 'Title and link only' },
]

export const events: { value: Schemas['ChannelEvent']; title: string }[] = [
  { value: 'postPublished', title: 'A post was published' },
  { value: 'postUpdated', title: 'Post updated' },
  { value: 'postWithdrawn', title: 'A post was withdrawn' },
  { value: 'commentPublished', title: 'Comment published' },
  { value: 'subscriberJoined', title: 'Somebody subscribed' },
  { value: 'subscriberLeft', title: 'Somebody unsubscribed' },
]

/** A change of a delivery that changes nothing. */
export const noChange: Required<Schemas['DeliveryChange']> = { at: null, text: null, isHeld: null, turn: null }

export const acts: Record<Schemas['DeliveryAct'], string> = {
  publish: 'Publish',
  update: 'Change',
  withdraw: 'Withdraw',
  tell: 'Notify',
}

export const refusals: Record<NonNullable<Schemas['ChannelRefusal']>, string> = {
  blog: 'not a selected blog',
  category: 'takes other categories',
  tag: 'takes other tags',
  author: 'takes other authors',
  notFeatured: 'featured posts only',
}

/** What a short post brought, such as "3 replies, 12 likes"; empty for nothing. */
export function broughtWords(counts: Schemas['NetworkCounts']): string {
  const parts = [
    counts.answers && counted(counts.answers, 'reply', 'replies'),
    counts.likes && counted(counts.likes, 'like'),
    counts.passedOn && `shared ${counts.passedOn === 1 ? 'once' : `${counts.passedOn} times`}`,
  ]
  return parts.filter(Boolean).join(', ')
}
