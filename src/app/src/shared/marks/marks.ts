import type { Schemas } from '../../api'
import { t } from '../texts'

/** What each note head means; shapes tell them apart before colours do. */
export const marks: Record<Schemas['CoverageMark'], { name: string; tone: string }> = {
  inPlace: { name: t('live'), tone: 'v' },
  due: { name: t('scheduled'), tone: 'o' },
  leftOut: { name: t('notIncluded'), tone: 'soft' },
  failed: { name: t('failed'), tone: 'm' },
  outOfDate: { name: t('outDate'), tone: 'o' },
}

/** The groups of places across the board. */
export const kinds: { kind: Schemas['PlaceKind']; name: string; back?: boolean }[] = [
  { kind: 'listing', name: t('listings') },
  { kind: 'feed', name: t('feeds') },
  { kind: 'mail', name: t('email') },
  { kind: 'channel', name: t('channels') },
  { kind: 'comments', name: t('replies'), back: true },
]
