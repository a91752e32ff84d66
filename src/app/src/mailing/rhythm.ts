import type { Schemas } from '../api'
import { t } from './texts'
import { weekdayName } from '../shared'

export const everies: { value: Schemas['DigestEvery']; title: string }[] = [
  { value: 'post', title: t('immediatelyEachPost') },
  { value: 'day', title: t('everyDay') },
  { value: 'week', title: t('everyWeek') },
  { value: 'month', title: t('everyMonth') },
]

export const forms: { value: Schemas['DigestForm']; title: string }[] = [
  { value: 'column', title: t('titlesExcerpts') },
  { value: 'pictures', title: t('pictureEachPost') },
  { value: 'whole', title: t('fullPosts') },
  { value: 'text', title: t('plainText') },
]

export const orders: { value: Schemas['DigestOrder']; title: string }[] = [
  { value: 'newest', title: t('newestFirst') },
  { value: 'oldest', title: t('oldestFirst') },
  { value: 'featured', title: t('featuredPostsFirst') },
]

export const days: { value: Schemas['DayOfWeek']; title: string }[] = (
  ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const
).map((value, index) => ({ value, title: weekdayName(index) }))

/** "Every Friday at 9:00". */
export function rhythmWords(rhythm: Schemas['DigestRhythm']): string {
  const at = rhythm.at.slice(0, 5).replace(/^0/, '')
  switch (rhythm.every) {
    case 'post':
      return t('eachPost')
    case 'day':
      return t('everyDay2', { at })
    case 'week':
      return t('everyTitle', { title: days.find((day) => day.value === (rhythm.day ?? 'monday'))!.title, at })
    default:
      return t('dayDayofmonthEachMonth', { dayOfMonth: rhythm.dayOfMonth ?? 1, at })
  }
}
