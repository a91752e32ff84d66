import type { Schemas } from '../api/client'

type Item = Schemas['TimeLineItem']

/** A note on a lane: one delivery, or several of one post at one moment. */
export interface LaneNote {
  items: Item[]
  /** How far from the left, from 0 to 1. */
  at: number
  /** Row within the lane, from 0; notes that would lie on each other stand in rows. */
  row: number
}

const day = 86_400_000
const mostRows = 5

/** Width of a note in pixels, as large as a finger or a shaky hand needs. */
export const noteSize = 25

/** Days the time line shows. */
export const span = 21

/** The start of a span around a moment: two thirds of it are past. */
export function startAround(now: number): number {
  const start = new Date(now)
  start.setUTCHours(0, 0, 0, 0)
  return start.getTime() - 13 * day
}

/** The days of a span, each with where it begins on the lane. */
export function daysFrom(start: number, zone: string | undefined): { key: string; at: number; name: string; isMonday: boolean }[] {
  return Array.from({ length: span }, (_, index) => {
    const date = new Date(start + index * day)
    const name = new Intl.DateTimeFormat('en-GB', {
      day: 'numeric',
      month: index === 0 || date.getUTCDate() === 1 || date.getUTCDay() === 1 ? 'short' : undefined,
      timeZone: zone,
    }).format(date)
    return { key: date.toISOString().slice(0, 10), at: index / span, name, isMonday: date.getUTCDay() === 1 }
  })
}

/** Where a moment is on a lane. */
export const placeOf = (at: string | number, start: number) => (new Date(at).getTime() - start) / (span * day)

/** Notes of one channel. What goes to many pages for one post at one moment is one note; `lane` is the width of the lane in pixels. */
export function notesOf(items: Item[], start: number, lane: number): LaneNote[] {
  const width = noteSize / Math.max(lane, 10 * noteSize)
  const groups = new Map<string, Item[]>()
  for (const item of items) {
    const key = item.act === 'tell' ? `e${item.id}` : `${item.postId} ${item.act} ${item.state} ${item.at.slice(0, 16)}`
    groups.set(key, [...(groups.get(key) ?? []), item])
  }

  const ends: number[] = []
  return [...groups.values()]
    .map((group) => ({ items: group, at: placeOf(group[0]!.at, start), row: 0 }))
    .sort((left, right) => left.at - right.at)
    .map((note) => {
      const free = ends.findIndex((end) => end <= note.at)
      const row = free >= 0 ? free : Math.min(ends.length, mostRows - 1)
      ends[row] = note.at + width
      return { ...note, row }
    })
}
