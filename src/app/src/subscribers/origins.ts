import type { Schemas } from '../api'
import { t } from './texts'

export const origins: Record<Schemas['SubscriberOrigin'], string> = {
  unknown: t('unknown'),
  form: t('signUpForm2'),
  hand: t('addedManually2'),
  list: t('import2'),
}

/** How a subscriber stands, as a word and its tone. */
export function standingOf(one: Schemas['SubscriberView']): { word: string; tone: string } {
  if (one.leftAt) return { word: t('unsubscribed'), tone: 'plain' }
  if (one.suppressed)
    return one.suppressed.why === 'bounce' ? { word: t('bounced2'), tone: 'm' } : { word: t('complained'), tone: 'm' }
  if (one.pausedUntil && new Date(one.pausedUntil) > new Date()) return { word: t('paused'), tone: 'o' }
  return { word: t('subscribed'), tone: 'v' }
}
