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
    sentence: 'The feed works, but some readers will stumble.',
    tone: 'o',
  },
  invalid: { short: 'Has errors', sentence: 'Readers will lose something.', tone: 'm' },
  notAFeed: { short: 'No feed', sentence: 'This is no feed.', tone: 'm' },
}
