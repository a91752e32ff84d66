import type { Schemas } from '../../api'
import { verdicts } from '../words'
import { counted } from '../../shared'

/** Tone of a stretch of the history. */
export function stretchTone(stretch: Schemas['WatchRecordView']): string {
  return stretch.verdict ? verdicts[stretch.verdict].tone : 'm'
}

/** What the checks of a stretch gave. */
export function stretchWords(stretch: Schemas['WatchRecordView']): string {
  if (!stretch.verdict) return stretch.trouble ?? 'It could not be fetched'
  const found = [
    stretch.errors ? counted(stretch.errors, 'error') : '',
    stretch.warnings ? counted(stretch.warnings, 'warning') : '',
  ]
    .filter(Boolean)
    .join(', ')
  return found ? `${verdicts[stretch.verdict].short}: ${found}` : verdicts[stretch.verdict].short
}
