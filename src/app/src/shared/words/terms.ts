import { t } from '../texts'

/** Words of ours that are new to many, with what they mean; the English is that of the guide's list of words. */
export const terms = {
  slug: { name: t('slugTerm'), means: t('slugMeans') },
  canonical: { name: t('canonicalTerm'), means: t('canonicalMeans') },
  altText: { name: t('altTextTerm'), means: t('altTextMeans') },
  excerpt: { name: t('excerptTerm'), means: t('excerptMeans') },
  hub: { name: t('hubTerm'), means: t('hubMeans') },
  socialPreview: { name: t('socialPreviewTerm'), means: t('socialPreviewMeans') },
  segment: { name: t('segmentTerm'), means: t('segmentMeans') },
  spamScore: { name: t('spamScoreTerm'), means: t('spamScoreMeans') },
  mention: { name: t('mentionTerm'), means: t('mentionMeans') },
  thread: { name: t('threadTerm'), means: t('threadMeans') },
  snippet: { name: t('snippetTerm'), means: t('snippetMeans') },
}

/** One of them. */
export type Term = keyof typeof terms
