import type { Schemas } from '../../api'
import { relativeDate } from '../../shared'
import { t } from '../texts'

type Outcome = Schemas['FeedVisitOutcome']

/** Names and tones of what a visit gave. */
export const outcomes: Record<Outcome, { name: string; tone: string }> = {
  changed: { name: t('newChangedEntries'), tone: 'v' },
  pushed: { name: t('pushedByHub'), tone: 'v' },
  unchanged: { name: t('nothingNew'), tone: 'soft' },
  broken: { name: t('readErrors'), tone: 'o' },
  failed: { name: t('failed'), tone: 'm' },
}

/** One visit in a sentence. */
export function visitSentence(visit: Schemas['VisitView']): string {
  const what = [
    visit.newEntries ? t('newentriesNew', { newEntries: visit.newEntries }) : '',
    visit.changedEntries ? t('changedentriesChanged', { changedEntries: visit.changedEntries }) : '',
    visit.newEntries || visit.changedEntries ? '' : outcomes[visit.outcome].name,
  ]
    .filter(Boolean)
    .join(', ')
  const answer = visit.status ? ` (${visit.status}, ${visit.milliseconds} ms)` : ''
  return `${relativeDate(visit.at)}: ${what}${answer}${visit.problem ? `. ${visit.problem}` : ''}`
}

/** All visits in a sentence, for those who cannot see the strip. */
export function stripSentence(visits: Schemas['VisitView'][]): string {
  if (visits.length === 0) return t('notFetchedYet')
  const count = (outcome: Outcome) => visits.filter((visit) => visit.outcome === outcome).length
  const parts = (Object.keys(outcomes) as Outcome[])
    .filter((one) => count(one))
    .map((one) => `${count(one)} ${outcomes[one].name}`)
  return t('fetchesOldestFirstParts', { visits: visits.length, parts: parts.join(', ') })
}

/** "every 12 hours". */
export function pauseWords(seconds: number): string {
  if (seconds === 0) return ''
  if (seconds < 3600) return t('everyMinutes', { minutes: Math.max(1, Math.round(seconds / 60)) })
  const hours = Math.round(seconds / 3600)
  if (hours === 1) return t('everyHour')
  if (hours < 48) return t('everyHoursHours', { hours })
  return t('everyDays', { count: Math.round(seconds / 86_400) })
}
