import { type Editor, Extension } from '@tiptap/core'

const most = 4
const lists = ['taskItem', 'listItem'] as const

/** How far a paragraph or heading stands in, as a class of the block; empty for not at all. */
export const Indentation = Extension.create({
  name: 'indentation',
  addGlobalAttributes() {
    return [
      {
        types: ['paragraph', 'heading'],
        attributes: {
          indent: {
            default: 0,
            parseHTML: (element) => Number(/(?:^| )indent-([1-4])(?: |$)/.exec(element.className)?.[1] ?? 0),
            renderHTML: ({ indent }) => (indent ? { class: `indent-${indent}` } : {}),
          },
        },
      },
    ]
  },
  addKeyboardShortcuts() {
    return { 'Mod-]': () => indent(this.editor, 1), 'Mod-[': () => indent(this.editor, -1) }
  },
})

/** Moves what is chosen in or out by a step: an item of a list within its list, paragraphs and headings by themselves. */
export function indent(editor: Editor, by: 1 | -1): boolean {
  for (const item of lists)
    if (editor.isActive(item)) {
      const chain = editor.chain().focus()
      return (by > 0 ? chain.sinkListItem(item) : chain.liftListItem(item)).run()
    }
  return editor
    .chain()
    .focus()
    .command(({ tr, state }) => {
      const { from, to } = state.selection
      state.doc.nodesBetween(from, to, (node, at) => {
        if (node.type.name !== 'paragraph' && node.type.name !== 'heading') return
        const next = Math.min(most, Math.max(0, Number(node.attrs.indent) + by))
        tr.setNodeMarkup(at, undefined, { ...node.attrs, indent: next })
      })
      return true
    })
    .run()
}
