import { IntlMessageFormat } from 'intl-messageformat'
import { h, type Slots, type VNode } from 'vue'
import commonTexts from './common/en'
import { locale } from './language'
import { translationOf } from './translations'

type Texts = Readonly<Record<string, string>>
type Values = Readonly<Record<string, string | number | null | undefined>>
type Filling = string | number | VNode[] | ((chunks: unknown[]) => unknown)

/** The keys of a catalogue in another language: all of them, and no other. */
export type Translated<T extends Texts> = Readonly<Record<keyof T, string>>

/** A text with elements in it, to be filled by the slots of `RichText`. */
export type Rich = (slots: Slots) => (string | VNode)[]

const figures = new Intl.NumberFormat(locale)
const plain = ['b', 'em', 'code']

/**
 * What one area says. Texts are patterns of ICU (`{count, plural, one {# post} other {# posts}}`), as those for
 * readers are; numbers in them are written as the language writes numbers. Words that several areas share stand in
 * `common`.
 */
export function catalogue<T extends Texts>(area: string, english: T) {
  type Key = (keyof T | keyof typeof commonTexts) & string
  const texts: Texts = { ...translationOf('common', commonTexts), ...translationOf(area, english) }
  const compiled = new Map<string, IntlMessageFormat>()
  const messageOf = (key: Key) => {
    if (!compiled.has(key)) compiled.set(key, new IntlMessageFormat(texts[key]!, locale))
    return compiled.get(key)!
  }
  // Plurals need the number itself, places in a text the number as it is read.
  const filled = (key: Key, values: Values): Record<string, Filling> =>
    Object.fromEntries(
      Object.entries(values).map(([name, value]) => [
        name,
        typeof value === 'number' && !texts[key]!.includes(`{${name}, `) ? figures.format(value) : (value ?? ''),
      ]),
    )

  return {
    /** A text, with its places filled. */
    t: (key: Key, values: Values = {}): string => String(messageOf(key).format(filled(key, values))),

    /** A text with elements in it: what stands between tags goes to the slot of that name, as places do. */
    rich:
      (key: Key, values: Values = {}): Rich =>
      (slots) => {
        const all = filled(key, values)
        for (const tag of plain) all[tag] = (chunks) => h(tag, chunks as string[])
        for (const [name, slot] of Object.entries(slots))
          all[name] = texts[key]!.includes(`<${name}>`) ? (chunks) => slot!({ text: chunks.join('') }) : slot!({})
        const made = messageOf(key).format(all) as string | VNode | (string | VNode)[]
        return Array.isArray(made) ? made : [made]
      },
  }
}
