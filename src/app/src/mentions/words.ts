import type { Schemas } from '../api'
import { t } from './texts'

/** What a page of another site does with a post, before its name. */
export const mentionWords: Record<Schemas['MentionKind'], string> = {
  link: t('linkedFrom'),
  answer: t('replyOn'),
  like: t('likesThisOn'),
  repost: t('repostedOn'),
}

/** The same in one word. */
export const kinds: Record<Schemas['MentionKind'], string> = {
  link: t('link'),
  answer: t('reply'),
  like: t('like'),
  repost: t('repost'),
}

export const ways: Record<Schemas['MentionWay'], string> = {
  webmention: 'Webmention',
  pingback: 'Pingback',
  trackback: 'Trackback',
}

/** The choices of the list, in the order people work through them. */
export const choices: { value: Schemas['MentionChoice']; title: string }[] = [
  { value: 'waiting', title: t('waiting') },
  { value: 'public', title: t('public') },
  { value: 'aside', title: t('hiddenSpam') },
  { value: 'unread', title: t('notFetchedYet') },
  { value: 'refused', title: t('rejectedNoLink') },
]

/** What an empty list says. */
export const nothing: Record<Schemas['MentionChoice'], [string, string]> = {
  waiting: [t('noMentionWaiting'), t('whenAnotherSiteLinks')],
  public: [t('noPublishedMentionsYet'), t('publishedMentionsAppearComments')],
  aside: [t('nothingWasSetAside'), t('whatHideMarkSpam')],
  unread: [t('everyPageHasBeen'), t('newMentionsFetchedWithin')],
  refused: [t('everyPageHadIts'), t('mentionsWhosePageDoes')],
}
