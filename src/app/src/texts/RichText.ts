import type { FunctionalComponent } from 'vue'
import type { Rich } from './catalogue'

/** A text of a catalogue with elements in it: `<RichText :of="rich('key')"><template #link="{ text }">…`. */
export const RichText: FunctionalComponent<{ of: Rich }, Record<string, never>, Record<string, { text?: string }>> = (
  props,
  { slots },
) => props.of(slots)
RichText.props = ['of']
