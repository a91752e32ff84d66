import { places } from './places'
import { t } from './texts'

/** Somewhere one can go: a screen, a tab, something to begin, or a setting on its screen. */
export interface Door {
  name: string
  /** Other words people look for it by. */
  words: string
  path: string
  /** Whether the screen shows it under its name, to be marked there. */
  isSetting?: boolean
}

const screens: Door[] = [
  { name: t('coverage'), words: t('forCoverage'), path: '' },
  ...places.going.map((place) => ({ ...place, words: '' })),
  ...places.coming.map((place) => ({ ...place, words: '' })),
  { name: t('writePost'), words: t('forWriting'), path: 'posts/new' },
  { name: t('connectBlog'), words: t('forConnecting'), path: 'connect' },
  { name: t('checkFeed'), words: t('forChecking'), path: 'feeds/check' },
  { name: t('calendar'), words: t('forCalendar'), path: 'posts/calendar' },
  { name: t('pictures'), words: t('forPictures'), path: 'posts/pictures' },
  { name: t('categoriesTagsAuthors'), words: t('forTerms'), path: 'posts/terms' },
  { name: t('blogPages'), words: t('forPages'), path: 'posts/pages' },
  { name: t('importExport'), words: t('forImport'), path: 'posts/bring-in' },
  { name: t('timeline'), words: t('forTimeline'), path: 'channels' },
  { name: t('email'), words: t('forMail'), path: 'channels/mail' },
  { name: t('trafficSources'), words: t('forArrivals'), path: 'channels/arrivals' },
  { name: t('manageChannels'), words: t('forChannels'), path: 'channels/set-up' },
  { name: t('moderation'), words: t('forModeration'), path: 'comments' },
  { name: t('threads'), words: t('forThreads'), path: 'comments/threads' },
  { name: t('rules'), words: t('forRules'), path: 'comments/rules' },
  { name: t('spamFilter'), words: t('forFilter'), path: 'comments/filter' },
  { name: t('bannedTrusted'), words: t('forMarks'), path: 'comments/marks' },
  { name: t('moderationLog'), words: t('forLog'), path: 'comments/record' },
  { name: t('notifications'), words: t('forNotices'), path: 'comments/notices' },
  { name: t('commentSettings'), words: t('forCommentSettings'), path: 'comments/settings' },
  { name: t('segments'), words: t('forSegments'), path: 'readers/segments' },
  { name: t('signUpForms'), words: t('forForms'), path: 'readers/forms' },
  { name: t('growth'), words: t('forGrowth'), path: 'readers/growth' },
  { name: t('questions'), words: t('forQuestions'), path: 'readers/questions' },
  { name: t('siteSettings'), words: t('forSite'), path: 'settings' },
  { name: t('apiTokens'), words: t('forTokens'), path: 'account' },
]

const ofComments: [string, string][] = [
  [t('whoCanComment'), t('forWho')],
  [t('emailAddressRequired'), t('forAddress')],
  [t('nameOptional'), t('forName')],
  [t('holdModeration'), t('forHolding')],
  [t('holdAfterManyReports'), t('forReports')],
  [t('voting'), t('forVotes')],
  [t('reactions'), t('forReactions')],
  [t('askRating15'), t('forRating')],
  [t('allowPictures'), t('forAllowedPictures')],
  [t('showWriterPictures'), t('forFaces')],
  [t('showMentionsFromOther'), t('forMentions')],
  [t('defaultOrder'), t('forOrder')],
  [t('replyLevels'), t('forLevels')],
  [t('commentsPerPage'), t('forPerPage')],
  [t('editingTimeMinutes'), t('forEditing')],
  [t('textAboveForm'), t('forIntroduction')],
  [t('communityGuidelines'), t('forGuidelines')],
  [t('closeAfterDays'), t('forClosing')],
  [t('closeOn'), t('forClosing')],
  [t('messageWhenClosed'), t('forClosing')],
]

const ofSite: [string, string][] = [
  [t('nameSite'), t('forSiteName')],
  [t('homePageAddress'), t('forHome')],
  [t('timeZone'), t('forZone')],
  [t('language'), t('forLanguage')],
  [t('allowedDomainsOnePer'), t('forDomains')],
  [t('followLinks'), t('forFollowing')],
  [t('shareLinks'), t('forSharing')],
  [t('publicKey'), t('forKey')],
  [t('team'), t('forTeam')],
  [t('activityLog'), t('forActivity')],
]

const settingsOn = (path: string, settings: [string, string][]): Door[] =>
  settings.map(([name, words]) => ({ name, words, path, isSetting: true }))

/** Everywhere one can go by name. */
export const doors: Door[] = [
  ...screens,
  ...settingsOn('comments/settings', ofComments),
  ...settingsOn('settings', ofSite),
]

const folded = (text: string) => text.toLocaleLowerCase()
const begins = (text: string, word: string) =>
  folded(text)
    .split(/[\s,()/-]+/)
    .some((part) => part.startsWith(word))

/** The doors that fit what is typed: those whose name does first, then those known by other words. */
export function doorsFor(typed: string): { named: Door[]; known: Door[] } {
  const words = folded(typed).split(/\s+/).filter(Boolean)
  const named = doors.filter((door) => words.every((word) => begins(door.name, word)))
  const known = doors.filter(
    (door) => !named.includes(door) && words.every((word) => begins(`${door.name} ${door.words}`, word)),
  )
  return { named, known }
}
