import type { AnyExtension, Extension } from '@tiptap/core'

const kept = new Set([
  'Mod-b',
  'Mod-B',
  'Mod-i',
  'Mod-I',
  'Mod-u',
  'Mod-U',
  'Mod-z',
  'Shift-Mod-z',
  'Mod-y',
  'Mod-Enter',
])

/**
 * A block without the key combinations it brings along, but for those that mean the same in every program. The rest is
 * typed (`##`, `-`) or pressed, and the browser keeps its own keys.
 */
export const withFewKeys = (extension: AnyExtension): AnyExtension =>
  (extension as Extension).extend({
    addKeyboardShortcuts() {
      return Object.fromEntries(
        Object.entries(this.parent?.() ?? {}).filter(([key]) => !key.includes('Mod-') || kept.has(key)),
      )
    },
  })
