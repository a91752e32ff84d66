/** Languages the workplace speaks, by the name each gives itself. */
export const languages = { en: 'English', de: 'Deutsch' } as const

/** A language of the workplace. */
export type Language = keyof typeof languages

const place = 'antiphon-language'
const isLanguage = (name: string | null | undefined): name is Language => !!name && name in languages

/** The language kept on this device, else the first of the browser's that we speak. */
function chosen(): Language {
  const kept = localStorage.getItem(place)
  if (isLanguage(kept)) return kept
  return navigator.languages.map((name) => name.slice(0, 2)).find(isLanguage) ?? 'en'
}

/** The language of this visit; it does not change before the page is loaded again. */
export const language = chosen()

/** The same for numbers, dates and plurals (BCP 47). */
export const locale = { en: 'en-GB', de: 'de-DE' }[language]

/** Keeps a language on this device and shows the workplace in it. */
export function speak(wanted: Language): void {
  localStorage.setItem(place, wanted)
  location.reload()
}
