import type { Schemas } from '../api'

/** What a page of another site does with a post, before its name. */
export const mentionWords: Record<Schemas['MentionKind'], string> = {
  link: 'Linked from',
  answer: 'Reply on',
  like: 'Likes this on',
  repost: 'Reposted on',
}

/** The same in one word. */
export const kinds: Record<Schemas['MentionKind'], string> = {
  link: 'Link',
  answer: 'Reply',
  like: 'Like',
  repost: 'Repost',
}

export const ways: Record<Schemas['MentionWay'], string> = {
  webmention: 'Webmention',
  pingback: 'Pingback',
  trackback: 'Trackback',
}

/** The choices of the list, in the order people work through them. */
export const choices: { value: Schemas['MentionChoice']; title: string }[] = [
  { value: 'waiting', title: 'Waiting' },
  { value: 'public', title: 'Public' },
  { value: 'aside', title: 'Hidden or spam' },
  { value: 'unread', title: 'Not fetched yet' },
  { value: 'refused', title: 'Rejected (no link)' },
]

/** What an empty list says. */
export const nothing: Record<Schemas['MentionChoice'], [string, string]> = {
  waiting: ['No mention is waiting', 'When another site links to a post and notifies us, it appears here.'],
  public: ['No published mentions yet', 'Published mentions appear with the comments of their post.'],
  aside: ['Nothing was set aside', 'What you hide or mark as spam is kept here.'],
  unread: ['Every page has been read', 'New mentions are fetched within seconds.'],
  refused: ['Every page had its link', 'Mentions whose page does not link to the post are listed here.'],
}
