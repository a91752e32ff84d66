import type { Schemas } from '../../api'
import { verdicts } from '../words'
import { t } from '../texts'

/** Tone of a stretch of the history. */
export function stretchTone(stretch: Schemas['WatchRecordView']): string {
  return stretch.verdict ? verdicts[stretch.verdict].tone : 'm'
}

/** What the checks of a stretch gave. */
export function stretchWords(stretch: Schemas['WatchRecordView']): string {
  if (!stretch.verdict) return stretch.trouble ?? t('couldNotFetched')
  const found = [
    stretch.errors ? t('errors', { errors: stretch.errors }) : '',
    stretch.warnings ? t('warnings', { warnings: stretch.warnings }) : '',
  ]
    .filter(Boolean)
    .join(', ')
  return found ? `${verdicts[stretch.verdict].short}: ${found}` : verdicts[stretch.verdict].short
}
