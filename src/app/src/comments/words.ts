import type { Schemas } from '../api/client'

/** Where a comment stands. */
export const standings: Record<Schemas['CommentStanding'], string> = {
  waiting: 'Waiting',
  public: 'Public',
  hidden: 'Hidden',
  spam: 'Spam',
  deleted: 'Deleted',
}

/** Why it waited. */
export const waitReasons: Record<NonNullable<Schemas['WaitReason']>, string> = {
  everyCommentWaits: 'Every comment waits',
  firstTimeWriterWithLink: 'First-time writer with a link',
  firstTimeWriter: 'First-time writer',
  manyLinks: 'Several links',
}
