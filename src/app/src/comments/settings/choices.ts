import type { Schemas } from '../../api'
import { t } from '../texts'

type Choices<T> = { value: T; title: string }[]

export const onOff: Choices<boolean> = [
  { value: true, title: t('text2') },
  { value: false, title: t('off') },
]

export const yesNo: Choices<boolean> = [
  { value: true, title: t('yes') },
  { value: false, title: t('no') },
]

export const approvals: Choices<NonNullable<Schemas['Approval']>> = [
  { value: 'all', title: t('everyComment') },
  { value: 'firstTimeWriters', title: t('firstTimeCommenters') },
  { value: 'withLinks', title: t('commentsLinks') },
  { value: 'byScore', title: t('commentsAboveSpamThreshold') },
  { value: 'none', title: t('none2') },
]

export const votes: Choices<NonNullable<Schemas['VoteMode']>> = [
  { value: 'none', title: t('none2') },
  { value: 'up', title: t('upvotesOnly') },
  { value: 'upAndDown', title: t('upDown') },
]

export const orders: Choices<NonNullable<Schemas['CommentOrder']>> = [
  { value: 'oldest', title: t('oldestFirst') },
  { value: 'newest', title: t('newestFirst') },
  { value: 'best', title: t('bestFirst') },
  { value: 'mostLiked', title: t('mostLiked') },
  { value: 'leastLiked', title: t('leastLiked') },
  { value: 'mostAnswered', title: t('mostAnswered') },
]

export const depths: Choices<number> = [
  { value: 0, title: t('noReplies') },
  { value: 1, title: t('one') },
  { value: 2, title: t('two') },
  { value: 3, title: t('three') },
]

export const writers: Choices<NonNullable<Schemas['CommentWriters']>> = [
  { value: 'guests', title: t('everyone') },
  { value: 'confirmed', title: t('confirmedEmailAddress') },
  { value: 'subscribers', title: t('subscribers') },
  { value: 'named', title: t('invitedPeople') },
  { value: 'team', title: t('teamOnly') },
]
