import type { Schemas } from '../../api'

/** What each note head means; shapes tell them apart before colours do. */
export const marks: Record<Schemas['CoverageMark'], { name: string; tone: string }> = {
  inPlace: { name: 'live', tone: 'v' },
  due: { name: 'scheduled', tone: 'o' },
  leftOut: { name: 'not included', tone: 'soft' },
  failed: { name: 'failed', tone: 'm' },
  outOfDate: { name: 'out of date', tone: 'o' },
}

/** The groups of places across the board. */
export const kinds: { kind: Schemas['PlaceKind']; name: string; back?: boolean }[] = [
  { kind: 'listing', name: 'Listings' },
  { kind: 'feed', name: 'Feeds' },
  { kind: 'mail', name: 'Email' },
  { kind: 'channel', name: 'Channels' },
  { kind: 'comments', name: 'Replies', back: true },
]
