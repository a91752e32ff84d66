import type { Schemas } from '../api'
import { origins } from './origins'

/** A segment's rule in words. */
export function ruleWords(rule: Schemas['SegmentRule']): string {
  const parts = [
    rule.categories?.length ? `category ${rule.categories.join(' or ')}` : '',
    rule.origins?.length ? `came ${rule.origins.map((origin) => origins[origin]).join(' or ')}` : '',
    rule.forms?.length ? 'came by certain forms' : '',
    rule.since ? `from ${rule.since}` : '',
    rule.until ? `until ${rule.until}` : '',
    rule.seenWithin ? `seen within ${rule.seenWithin} days` : '',
    rule.silentFor ? `silent for ${rule.silentFor} days` : '',
  ].filter(Boolean)
  return parts.length ? parts.join(', ') : 'All subscribers'
}
