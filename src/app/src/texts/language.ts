/** Languages the workplace speaks, by the name each gives itself. */
export const languages = { en: 'English', de: 'Deutsch' } as const

/** English at 1.4 times its length, which no menu offers: what does not fit shows before a translation is there. */
const longer = 'en-x-longer'

/** A language of the workplace. */
export type Language = keyof typeof languages | typeof longer

const place = 'antiphon-language'
const isLanguage = (name: string | null | undefined): name is Language =>
  !!name && (name in languages || name === longer)

/** The language kept on this device, else the first of the browser's that we speak. */
function chosen(): Language {
  const kept = localStorage.getItem(place)
  if (isLanguage(kept)) return kept
  return navigator.languages.map((name) => name.slice(0, 2)).find(isLanguage) ?? 'en'
}

/** The language of this visit; it does not change before the page is loaded again. */
export const language = chosen()

/** Whether every text is to be lengthened. */
export const isLonger = language === longer

/** The same for numbers, dates and plurals (BCP 47). */
export const locale = language === 'de' ? 'de-DE' : 'en-GB'

/** Keeps a language on this device and shows the workplace in it. */
export function speak(wanted: Language): void {
  localStorage.setItem(place, wanted)
  location.reload()
}
