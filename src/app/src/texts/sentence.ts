import { language, locale } from './language'

/** A name from the screen within a sentence: English writes it small, German as it is. */
export const inSentence = (words: string): string =>
  language === 'en' && /^\p{Lu}\p{Ll}/u.test(words) ? words[0]!.toLowerCase() + words.slice(1) : words

/** Words that begin a sentence or a heading. */
export const atStart = (words: string): string => words.charAt(0).toLocaleUpperCase(locale) + words.slice(1)

/** Names one after the other: "Dov, Imogen and Ravi", or with "or". */
export const listed = (names: readonly string[], type: 'conjunction' | 'disjunction' = 'conjunction'): string =>
  new Intl.ListFormat(locale, { type }).format(names)
