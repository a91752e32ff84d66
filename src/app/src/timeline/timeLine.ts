import type { Schemas } from '../api'
import { t } from './texts'
import { locale } from '../texts'

type Item = Schemas['TimeLineItem']

/** A note on a lane: one delivery, or several of one post at one moment. */
export interface LaneNote {
  items: Item[]
  /** How far from the left, from 0 to 1. */
  at: number
  /** Row within the lane, from 0; notes that would lie on each other stand in rows. */
  row: number
}

const minute = 60_000
const hour = 60 * minute
const day = 24 * hour
const mostRows = 5

/** Width of a note in pixels, as large as a finger or a shaky hand needs. */
export const noteSize = 25

/** Lengths of the time line in days, each with its name; the first is the usual one. */
export const spans = [
  { days: 21, name: t('threeWeeks') },
  { days: 7, name: t('aWeek') },
  { days: 2, name: t('twoDays') },
] as const

/** The start of a span around a moment: what is past counts the less, the closer one looks. */
export function startAround(now: number, days: number): number {
  const start = new Date(now)
  start.setUTCHours(0, 0, 0, 0)
  return start.getTime() - (days === 21 ? 13 : days === 7 ? 2 : 0) * day
}

/** A line of the ruler above the lanes. */
export interface Tick {
  key: string
  at: number
  name: string
  isStrong: boolean
}

/** The days of a span, each with where it begins on the lane; of two days every third hour. */
export function ticksFrom(start: number, days: number, zone: string | undefined): Tick[] {
  return days > 2 ? daysFrom(start, days, zone) : hoursFrom(start, days, zone)
}

function daysFrom(start: number, days: number, zone: string | undefined): Tick[] {
  return Array.from({ length: days }, (_, index) => {
    const date = new Date(start + index * day)
    const isMonday = date.getUTCDay() === 1
    const name = new Intl.DateTimeFormat(locale, {
      weekday: days === 7 ? 'short' : undefined,
      day: 'numeric',
      month: index === 0 || date.getUTCDate() === 1 || isMonday ? 'short' : undefined,
      timeZone: zone,
    }).format(date)
    return { key: date.toISOString(), at: index / days, name, isStrong: isMonday }
  })
}

function hoursFrom(start: number, days: number, zone: string | undefined): Tick[] {
  return Array.from({ length: days * 8 }, (_, index) => {
    const date = new Date(start + index * 3 * hour)
    const isStrong = index % 8 === 0
    const form: Intl.DateTimeFormatOptions = isStrong
      ? { weekday: 'short', day: 'numeric', month: 'short' }
      : { hour: '2-digit', minute: '2-digit' }
    return {
      key: date.toISOString(),
      at: index / (days * 8),
      name: new Intl.DateTimeFormat(locale, { ...form, timeZone: zone }).format(date),
      isStrong,
    }
  })
}

/** Where a moment is on a lane. */
export const placeOf = (at: string | number, start: number, days: number) =>
  (new Date(at).getTime() - start) / (days * day)

/** Milliseconds a note moves at least: what a hand can aim at on a lane of so many days. */
export const stepOf = (days: number) => (days === 21 ? 60 : days === 7 ? 15 : 5) * minute

/** The moment at a place on a lane, on the grid of the step and never in the past. */
export function momentAt(place: number, start: number, days: number, now: number): number {
  const step = stepOf(days)
  return Math.max(Math.round((start + place * days * day) / step) * step, Math.ceil(now / step) * step)
}

/** Notes of one channel. What goes to many pages for one post at one moment is one note; `lane` is the width of the lane in pixels. */
export function notesOf(items: Item[], start: number, days: number, lane: number): LaneNote[] {
  const width = noteSize / Math.max(lane, 10 * noteSize)
  const groups = new Map<string, Item[]>()
  for (const item of items) {
    const key = item.act === 'tell' ? `e${item.id}` : `${item.postId} ${item.act} ${item.state} ${item.at.slice(0, 16)}`
    groups.set(key, [...(groups.get(key) ?? []), item])
  }

  const ends: number[] = []
  return [...groups.values()]
    .map((group) => ({ items: group, at: placeOf(group[0]!.at, start, days), row: 0 }))
    .sort((left, right) => left.at - right.at)
    .map((note) => {
      const free = ends.findIndex((end) => end <= note.at)
      const row = free >= 0 ? free : Math.min(ends.length, mostRows - 1)
      ends[row] = note.at + width
      return { ...note, row }
    })
}
