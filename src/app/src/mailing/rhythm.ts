import type { Schemas } from '../api'

export const everies: { value: Schemas['DigestEvery']; title: string }[] = [
  { value: 'post', title: 'Immediately, with each post' },
  { value: 'day', title: 'Every day' },
  { value: 'week', title: 'Every week' },
  { value: 'month', title: 'Every month' },
]

export const forms: { value: Schemas['DigestForm']; title: string }[] = [
  { value: 'column', title: 'Titles and excerpts' },
  { value: 'pictures', title: 'With the picture of each post' },
  { value: 'whole', title: 'Full posts' },
  { value: 'text', title: 'Plain text' },
]

export const orders: { value: Schemas['DigestOrder']; title: string }[] = [
  { value: 'newest', title: 'Newest first' },
  { value: 'oldest', title: 'Oldest first' },
  { value: 'featured', title: 'Featured posts first' },
]

export const days: { value: Schemas['DayOfWeek']; title: string }[] = (
  ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const
).map((value) => ({ value, title: value[0]!.toUpperCase() + value.slice(1) }))

/** "Every Friday at 9:00". */
export function rhythmWords(rhythm: Schemas['DigestRhythm']): string {
  const at = rhythm.at.slice(0, 5).replace(/^0/, '')
  switch (rhythm.every) {
    case 'post':
      return 'With each post'
    case 'day':
      return `Every day at ${at}`
    case 'week':
      return `Every ${days.find((day) => day.value === rhythm.day)?.title ?? 'week'} at ${at}`
    default:
      return `On day ${rhythm.dayOfMonth ?? 1} of each month at ${at}`
  }
}
