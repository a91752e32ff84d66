import type { Schemas } from '../../api'
import { t } from '../texts'

/** What was decided on a comment or a mention, as the line that tells it begins. */
export const decided: Record<Schemas['CommentStanding'], string> = {
  public: t('published'),
  hidden: t('hidden'),
  spam: t('markedSpam'),
  waiting: t('movedBackWaiting'),
  deleted: t('deleted'),
}
