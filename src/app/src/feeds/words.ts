import type { Schemas } from '../api'

/** Names of the formats. */
export const feedFormats: Record<NonNullable<Schemas['FeedFormat']>, string> = {
  rss: 'RSS',
  atom: 'Atom',
  jsonFeed: 'JSON Feed',
  rdf: 'RSS (RDF)',
}

/** Verdicts as a tag and as a sentence. */
export const verdicts: Record<Schemas['Verdict'], { short: string; sentence: string; tone: string }> = {
  valid: { short: 'Valid', sentence: 'The feed is valid.', tone: 'v' },
  validWithWarnings: {
    short: 'Valid, with warnings',
    sentence: 'Works, but some feed readers may have problems.',
    tone: 'o',
  },
  invalid: { short: 'Has errors', sentence: 'The feed has errors; some content will not be shown.', tone: 'm' },
  notAFeed: { short: 'Not a feed', sentence: 'This is not a feed.', tone: 'm' },
}
