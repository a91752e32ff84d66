import type { Schemas } from '../api'
import { origins } from './origins'
import { listed } from '../texts'
import { t } from './texts'

/** A segment's rule in words. */
export function ruleWords(rule: Schemas['SegmentRule']): string {
  const parts = [
    rule.categories?.length ? t('categoryCategories', { categories: listed(rule.categories, 'disjunction') }) : '',
    rule.origins?.length
      ? t('cameOrigins', {
          origins: listed(
            rule.origins.map((origin) => origins[origin]),
            'disjunction',
          ),
        })
      : '',
    rule.forms?.length ? t('cameByCertainForms') : '',
    rule.since ? t('fromSince', { since: rule.since }) : '',
    rule.until ? t('untilUntil', { until: rule.until }) : '',
    rule.seenWithin ? t('seenWithinSeenwithinDays', { seenWithin: rule.seenWithin }) : '',
    rule.silentFor ? t('silentSilentforDays', { silentFor: rule.silentFor }) : '',
  ].filter(Boolean)
  return parts.length ? parts.join(', ') : t('allSubscribers')
}
