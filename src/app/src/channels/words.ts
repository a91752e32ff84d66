import type { Schemas } from '../api'
import { t } from './texts'

export const states: Record<Schemas['DeliveryState'], { name: string; tone: string }> = {
  queued: { name: t('queued'), tone: 'o' },
  sending: { name: t('sending'), tone: 'o' },
  delivered: { name: t('delivered'), tone: 'v' },
  retrying: { name: t('retrying'), tone: 'o' },
  failed: { name: t('failed'), tone: 'm' },
  cancelled: { name: t('cancelled'), tone: 'plain' },
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
    name: t('socialNetwork'),
    does: t('shortPostEachPost'),
    secret: t('token'),
    address: t('apiAddress'),
  },
  partner: {
    name: t('partnerSite'),
    does: t('postItselfSiteNamed'),
    secret: t('token'),
    address: t('apiAddress'),
  },
  webhook: {
    name: t('webhook'),
    does: t('sendsSignedRequestSoftware'),
    secret: t('secret'),
    address: t('endpointAddress'),
  },
  hub: {
    name: t('hub'),
    does: t('notifiesFeedReadersNew'),
    secret: null,
    address: t('addressHub'),
  },
  pings: {
    name: t('linkNotifications'),
    does: t('notifiesPagesLinkWebmention'),
    secret: null,
    address: '',
  },
}

export const whens: { value: Schemas['ChannelWhen']; title: string }[] = [
  { value: 'atOnce', title: t('immediately') },
  { value: 'afterDelay', title: t('afterDelay') },
  { value: 'nextSlot', title: t('nextFreeSlot') },
  { value: 'afterApproval', title: t('afterApproval') },
]

export const partnerWays: { value: Schemas['PartnerProtocol']; title: string }[] = [
  { value: 'micropub', title: 'Micropub' },
  { value: 'atomPub', title: t('atompubOlderSites') },
]

export const extents: { value: Schemas['BodyExtent']; title: string }[] = [
  { value: 'whole', title: t('fullPost') },
  { value: 'excerpt', title: t('excerptLink') },
  { value: 'link', title: t('titleLinkOnly') },
]

export const events: { value: Schemas['ChannelEvent']; title: string }[] = [
  { value: 'postPublished', title: t('postWasPublished') },
  { value: 'postUpdated', title: t('postUpdated') },
  { value: 'postWithdrawn', title: t('postWasWithdrawn') },
  { value: 'commentPublished', title: t('commentPublished') },
  { value: 'subscriberJoined', title: t('somebodySubscribed') },
  { value: 'subscriberLeft', title: t('somebodyUnsubscribed') },
]

/** A change of a delivery that changes nothing. */
export const noChange: Required<Schemas['DeliveryChange']> = { at: null, text: null, isHeld: null, turn: null }

export const acts: Record<Schemas['DeliveryAct'], string> = {
  publish: t('publish'),
  update: t('change'),
  withdraw: t('withdraw'),
  tell: t('notify'),
}

export const refusals: Record<NonNullable<Schemas['ChannelRefusal']>, string> = {
  blog: t('notSelectedBlog'),
  category: t('takesOtherCategories'),
  tag: t('takesOtherTags'),
  author: t('takesOtherAuthors'),
  notFeatured: t('featuredPostsOnly'),
}

/** What a short post brought, such as "3 replies, 12 likes"; empty for nothing. */
export function broughtWords(counts: Schemas['NetworkCounts']): string {
  const parts = [
    counts.answers && t('replies', { answers: counts.answers }),
    counts.likes && t('likes', { likes: counts.likes }),
    counts.passedOn && counts.passedOn === 1
      ? t('sharedOnce')
      : t('sharedPassedonTimes', { passedOn: counts.passedOn }),
  ]
  return parts.filter(Boolean).join(', ')
}
