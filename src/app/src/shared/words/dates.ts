import { locale } from '../../texts'
import { t } from '../texts'

const steps: [number, Intl.RelativeTimeFormatUnit][] = [
  [60, 'second'],
  [3600, 'minute'],
  [86_400, 'hour'],
  [86_400 * 31, 'day'],
  [86_400 * 365, 'month'],
  [Infinity, 'year'],
]
const seconds: Record<string, number> = {
  second: 1,
  minute: 60,
  hour: 3600,
  day: 86_400,
  month: 86_400 * 30.4,
  year: 86_400 * 365,
}
const relative = new Intl.RelativeTimeFormat(locale, { numeric: 'auto' })

/** "4 minutes ago", "in 3 days", "just now". */
export function relativeDate(iso: string, now = Date.now()): string {
  const distance = (new Date(iso).getTime() - now) / 1000
  if (Math.abs(distance) < 45) return t('justNow')
  const unit = steps.find(([limit]) => Math.abs(distance) < limit)![1]
  return relative.format(Math.round(distance / seconds[unit]!), unit)
}

/** Day, time and zone in full, to the minute. */
export function exactDate(iso: string, zone?: string): string {
  return new Intl.DateTimeFormat(locale, {
    weekday: 'long',
    year: 'numeric',
    month: 'long',
    day: 'numeric',
    hour: 'numeric',
    minute: '2-digit',
    timeZoneName: 'short',
    timeZone: zone,
  }).format(new Date(iso))
}

/** "24 Nov 2026". */
export function shortDate(iso: string, zone?: string): string {
  return new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', year: 'numeric', timeZone: zone }).format(
    new Date(iso),
  )
}

/** "9:12". */
export function clockTime(iso: string, zone?: string): string {
  return new Intl.DateTimeFormat(locale, { hour: 'numeric', minute: '2-digit', timeZone: zone }).format(new Date(iso))
}

/** A moment as fields for local times want it, "2026-11-24T09:12", on the clocks of a zone. */
export function localTime(iso: string, zone?: string): string {
  return new Intl.DateTimeFormat('sv-SE', { dateStyle: 'short', timeStyle: 'short', timeZone: zone })
    .format(new Date(iso))
    .replace(' ', 'T')
}

/** Name of a day of the week, Monday first. */
export const weekdayName = (index: number, weekday: 'long' | 'short' = 'long'): string =>
  new Intl.DateTimeFormat(locale, { weekday, timeZone: 'UTC' }).format(Date.UTC(2024, 0, 1 + index))
