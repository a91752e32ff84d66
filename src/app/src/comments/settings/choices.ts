import type { Schemas } from '../../api'

type Choices<T> = { value: T; title: string }[]

export const onOff: Choices<boolean> = [
  { value: true, title: 'On' },
  { value: false, title: 'Off' },
]

export const yesNo: Choices<boolean> = [
  { value: true, title: 'Yes' },
  { value: false, title: 'No' },
]

export const approvals: Choices<NonNullable<Schemas['Approval']>> = [
  { value: 'all', title: 'Every comment' },
  { value: 'firstTimeWriters', title: 'Writers with nothing public yet' },
  { value: 'withLinks', title: 'Comments with links' },
  { value: 'byScore', title: 'What the filter does not score low' },
  { value: 'none', title: 'None' },
]

export const votes: Choices<NonNullable<Schemas['VoteMode']>> = [
  { value: 'none', title: 'None' },
  { value: 'up', title: 'Up only' },
  { value: 'upAndDown', title: 'Up and down' },
]

export const orders: Choices<NonNullable<Schemas['CommentOrder']>> = [
  { value: 'oldest', title: 'Oldest first' },
  { value: 'newest', title: 'Newest first' },
  { value: 'best', title: 'Best first' },
  { value: 'mostLiked', title: 'Most liked' },
  { value: 'leastLiked', title: 'Least liked' },
  { value: 'mostAnswered', title: 'Most answered' },
]

export const depths: Choices<number> = [
  { value: 0, title: 'Flat' },
  { value: 1, title: 'One' },
  { value: 2, title: 'Two' },
  { value: 3, title: 'Three' },
]

export const writers: Choices<NonNullable<Schemas['CommentWriters']>> = [
  { value: 'guests', title: 'Everybody' },
  { value: 'confirmed', title: 'Readers with a confirmed mail' },
  { value: 'subscribers', title: 'Subscribers' },
  { value: 'named', title: 'Named readers' },
  { value: 'team', title: 'The team only' },
]
