import type { Schemas } from '../../api'
import { counted, relativeDate } from '../../shared'

type Outcome = Schemas['FeedVisitOutcome']

/** Names and tones of what a visit gave. */
export const outcomes: Record<Outcome, { name: string; tone: string }> = {
  changed: { name: 'new or changed entries', tone: 'v' },
  pushed: { name: 'pushed by hub', tone: 'v' },
  unchanged: { name: 'nothing new', tone: 'soft' },
  broken: { name: 'read with errors', tone: 'o' },
  failed: { name: 'failed', tone: 'm' },
}

/** One visit in a sentence. */
export function visitSentence(visit: Schemas['VisitView']): string {
  const what = [
    visit.newEntries ? `${visit.newEntries} new` : '',
    visit.changedEntries ? `${visit.changedEntries} changed` : '',
    visit.newEntries || visit.changedEntries ? '' : outcomes[visit.outcome].name,
  ]
    .filter(Boolean)
    .join(', ')
  const answer = visit.status ? ` (${visit.status}, ${visit.milliseconds} ms)` : ''
  return `${relativeDate(visit.at)}: ${what}${answer}${visit.problem ? `. ${visit.problem}` : ''}`
}

/** All visits in a sentence, for those who cannot see the strip. */
export function stripSentence(visits: Schemas['VisitView'][]): string {
  if (visits.length === 0) return 'Not fetched yet'
  const count = (outcome: Outcome) => visits.filter((visit) => visit.outcome === outcome).length
  const parts = (Object.keys(outcomes) as Outcome[])
    .filter((one) => count(one))
    .map((one) => `${count(one)} ${outcomes[one].name}`)
  return `${counted(visits.length, 'fetch', 'fetches')}, oldest first: ${parts.join(', ')}`
}

/** "every 12 hours". */
export function pauseWords(seconds: number): string {
  if (seconds === 0) return ''
  if (seconds < 3600) return `every ${counted(Math.max(1, Math.round(seconds / 60)), 'minute')}`
  const hours = Math.round(seconds / 3600)
  if (hours === 1) return 'every hour'
  if (hours < 48) return `every ${hours} hours`
  return `every ${counted(Math.round(seconds / 86_400), 'day')}`
}
