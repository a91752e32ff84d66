import type { Schemas } from '../../api'

/** What was decided on a comment or a mention, as the line that tells it begins. */
export const decided: Record<Schemas['CommentStanding'], string> = {
  public: 'Published',
  hidden: 'Hidden',
  spam: 'Marked as spam',
  waiting: 'Moved back to Waiting',
  deleted: 'Deleted',
}
