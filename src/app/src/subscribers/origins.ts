import type { Schemas } from '../api'

export const origins: Record<Schemas['SubscriberOrigin'], string> = {
  unknown: 'unknown',
  form: 'sign-up form',
  hand: 'added manually',
  list: 'import',
}

/** How a subscriber stands, as a word and its tone. */
export function standingOf(one: Schemas['SubscriberView']): { word: string; tone: string } {
  if (one.leftAt) return { word: 'Unsubscribed', tone: 'plain' }
  if (one.suppressed)
    return one.suppressed.why === 'bounce' ? { word: 'Bounced', tone: 'm' } : { word: 'Complained', tone: 'm' }
  if (one.pausedUntil && new Date(one.pausedUntil) > new Date()) return { word: 'Paused', tone: 'o' }
  return { word: 'Subscribed', tone: 'v' }
}
