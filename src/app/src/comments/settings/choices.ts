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
  { value: 'firstTimeWriters', title: 'First-time commenters' },
  { value: 'withLinks', title: 'Comments with links' },
  { value: 'byScore', title: 'Comments above the spam threshold' },
  { value: 'none', title: 'None' },
]

export const votes: Choices<NonNullable<Schemas['VoteMode']>> = [
  { value: 'none', title: 'None' },
  { value: 'up', title: 'Upvotes only' },
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
  { value: 0, title: 'No replies' },
  { value: 1, title: 'One' },
  { value: 2, title: 'Two' },
  { value: 3, title: 'Three' },
]

export const writers: Choices<NonNullable<Schemas['CommentWriters']>> = [
  { value: 'guests', title: 'Everyone' },
  { value: 'confirmed', title: 'Confirmed email address' },
  { value: 'subscribers', title: 'Subscribers' },
  { value: 'named', title: 'Invited people' },
  { value: 'team', title: 'Team only' },
]
