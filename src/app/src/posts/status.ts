import type { Schemas } from '../api'
import { t } from './texts'

/** The words for where a post stands. */
export const statuses: Record<Schemas['PostStatus'], { name: string; tone: string }> = {
  draft: { name: t('draft'), tone: 'plain' },
  inReview: { name: t('inReview'), tone: 'o' },
  scheduled: { name: t('scheduled2'), tone: 'o' },
  published: { name: t('published'), tone: 'v' },
  withdrawn: { name: t('withdrawn'), tone: 'm' },
}
