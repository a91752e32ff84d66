import { isLonger, type Language, language } from './language'
import { lengthened } from './lengthened'

type Texts = Readonly<Record<string, string>>

// English stands in the code itself.
const others: Partial<Record<Language, () => Promise<{ default: Record<string, Texts> }>>> = {
  de: () => import('./german'),
}
const translated: Record<string, Texts> = {}

/** Fetches what every area says in the language of this visit. */
export async function loadTranslations(): Promise<void> {
  const load = others[language]
  if (!load) return
  for (const [file, texts] of Object.entries((await load()).default)) translated[file.split('/')[1]!] = texts
}

/** What an area says in the language of this visit, or the English it is translated from. */
export const translationOf = (area: string, english: Texts): Texts =>
  isLonger ? lengthened(english) : (translated[area] ?? english)
