import { locale } from '../../texts'

/** The weeks of a month, Monday first, with the days around it that fill the first and last week. */
export function weeksOf(month: string): string[][] {
  const [year, number] = month.split('-').map(Number) as [number, number]
  const day = new Date(Date.UTC(year, number - 1, 1))
  day.setUTCDate(1 - ((day.getUTCDay() + 6) % 7))
  const weeks: string[][] = []
  do {
    weeks.push(
      Array.from({ length: 7 }, () => {
        const text = day.toISOString().slice(0, 10)
        day.setUTCDate(day.getUTCDate() + 1)
        return text
      }),
    )
  } while (day.getUTCMonth() === number - 1)
  return weeks
}

/** The month before or after. */
export function shifted(month: string, by: number): string {
  const [year, number] = month.split('-').map(Number) as [number, number]
  return new Date(Date.UTC(year, number - 1 + by, 1)).toISOString().slice(0, 7)
}

/** "November 2026". */
export const monthName = (month: string) =>
  new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(
    new Date(`${month}-01T00:00:00Z`),
  )

/** Today on the clocks of a zone, such as "2026-11-26". */
export const todayIn = (zone: string | undefined) =>
  new Intl.DateTimeFormat('sv-SE', { timeZone: zone }).format(new Date())

/** "Friday 4 December". */
export const dayName = (day: string) =>
  new Intl.DateTimeFormat(locale, { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' }).format(
    new Date(`${day}T00:00:00Z`),
  )
