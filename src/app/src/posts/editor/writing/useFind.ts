import type { Editor } from '@tiptap/core'
import { computed, ref, watch, type ShallowRef } from 'vue'

interface Found {
  from: number
  to: number
}

/** Finds words in the text being written, and replaces them. */
export function useFind(editor: ShallowRef<Editor | undefined>) {
  const words = ref('')
  const exact = ref(false)
  const at = ref(0)
  const version = ref(0)
  watch(editor, (now) => now?.on('update', () => version.value++), { immediate: true })
  const found = computed<Found[]>(() => {
    void version.value
    if (!words.value || !editor.value) return []
    const fold = (text: string) => (exact.value ? text : text.toLowerCase())
    const places: Found[] = []
    // Words may be split by formatting, so each block is searched as one text.
    editor.value.state.doc.descendants((node, position) => {
      if (!node.isTextblock) return true
      const text = fold(node.textBetween(0, node.content.size, undefined, '\ufffc'))
      for (
        let index = text.indexOf(fold(words.value));
        index >= 0;
        index = text.indexOf(fold(words.value), index + words.value.length)
      ) {
        places.push({ from: position + 1 + index, to: position + 1 + index + words.value.length })
      }
      return false
    })
    return places
  })
  watch([words, exact], () => (at.value = 0))

  function show(step: number): void {
    if (!found.value.length) return
    at.value = (at.value + step + found.value.length) % found.value.length
    editor.value?.chain().setTextSelection(found.value[at.value]!).scrollIntoView().run()
  }

  function replace(text: string): void {
    const place = found.value[at.value]
    if (!place || !editor.value) return
    put([place], text)
    at.value = Math.min(at.value, Math.max(0, found.value.length - 1))
    show(0)
  }

  /** Replaces everything found as one step that can be undone; gives how often. */
  function replaceAll(text: string): number {
    const places = [...found.value]
    put(places, text)
    return places.length
  }

  function put(places: Found[], text: string): void {
    const { state, view } = editor.value!
    const change = state.tr
    for (const { from, to } of [...places].reverse())
      if (text) change.insertText(text, from, to)
      else change.delete(from, to)
    view.dispatch(change)
  }

  return { words, exact, at, found, show, replace, replaceAll }
}
