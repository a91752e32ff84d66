import type { Schemas } from '../api'

/** The words for where a post stands. */
export const statuses: Record<Schemas['PostStatus'], { name: string; tone: string }> = {
  draft: { name: 'Draft', tone: 'plain' },
  inReview: { name: 'In review', tone: 'o' },
  scheduled: { name: 'Scheduled', tone: 'o' },
  published: { name: 'Published', tone: 'v' },
  withdrawn: { name: 'Withdrawn', tone: 'm' },
}
