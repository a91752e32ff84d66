import type { Schemas } from '../api'
import { t } from './texts'

/** Names of the formats. */
export const feedFormats: Record<NonNullable<Schemas['FeedFormat']>, string> = {
  rss: 'RSS',
  atom: 'Atom',
  jsonFeed: 'JSON Feed',
  rdf: 'RSS (RDF)',
}

/** Verdicts as a tag and as a sentence. */
export const verdicts: Record<Schemas['Verdict'], { short: string; sentence: string; tone: string }> = {
  valid: { short: t('valid'), sentence: t('feedValid'), tone: 'v' },
  validWithWarnings: {
    short: t('validWarnings'),
    sentence: t('worksButSomeFeed'),
    tone: 'o',
  },
  invalid: { short: t('hasErrors'), sentence: t('feedHasErrorsSome'), tone: 'm' },
  notAFeed: { short: t('notFeed2'), sentence: t('notFeed'), tone: 'm' },
}
