import type { Schemas } from '../api'

/** What a page of another site does with a post, before its name. */
export const mentionWords: Record<Schemas['MentionKind'], string> = {
  link: 'Links here from',
  answer: 'Answers on',
  like: 'Likes this on',
  repost: 'Passes this on at',
}

/** The same in one word. */
export const kinds: Record<Schemas['MentionKind'], string> = {
  link: 'Link',
  answer: 'Answer',
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
  { value: 'aside', title: 'Set aside' },
  { value: 'unread', title: 'Unread' },
  { value: 'refused', title: 'No link' },
]

/** What an empty list says. */
export const nothing: Record<Schemas['MentionChoice'], [string, string]> = {
  waiting: [
    'No mention is waiting',
    'When another site links to a post and tells us, its page is read and appears here.',
  ],
  public: ['No mention is public yet', 'What you publish stands with the comments of its post.'],
  aside: ['Nothing was set aside', 'What you hide or mark as spam is kept here.'],
  unread: ['Every page has been read', 'A page that is told to us is read within seconds.'],
  refused: [
    'Every page had its link',
    'Pages that are told to us and have no link to the post end up here, with the reason.',
  ],
}
