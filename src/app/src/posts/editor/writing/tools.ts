import {
  mdiCodeTags,
  mdiFormatAlignCenter,
  mdiFormatAlignRight,
  mdiFormatBold,
  mdiFormatHeader2,
  mdiFormatHeader3,
  mdiFormatItalic,
  mdiFormatListBulleted,
  mdiFormatListChecks,
  mdiFormatListNumbered,
  mdiFormatQuoteClose,
  mdiFormatStrikethrough,
  mdiFormatSubscript,
  mdiFormatSuperscript,
  mdiFormatUnderline,
  mdiMessageTextOutline,
  mdiRedo,
  mdiUndo,
} from '@mdi/js'
import type { Editor } from '@tiptap/core'

export interface Tool {
  name: string
  icon: string
  keys?: string
  run: (editor: Editor) => unknown
  on?: (editor: Editor) => boolean
}

const block = (editor: Editor) => (editor.isActive('heading') ? 'heading' : 'paragraph')
const align = (side: string) => (editor: Editor) =>
  editor
    .chain()
    .focus()
    .updateAttributes(block(editor), { align: editor.isActive({ align: side }) ? null : side })
    .run()

/** Formatting in the bar, in groups. */
export const tools: Tool[][] = [
  [
    {
      name: 'Bold',
      icon: mdiFormatBold,
      keys: 'Ctrl B',
      run: (e) => e.chain().focus().toggleBold().run(),
      on: (e) => e.isActive('bold'),
    },
    {
      name: 'Italic',
      icon: mdiFormatItalic,
      keys: 'Ctrl I',
      run: (e) => e.chain().focus().toggleItalic().run(),
      on: (e) => e.isActive('italic'),
    },
    {
      name: 'Underline',
      icon: mdiFormatUnderline,
      keys: 'Ctrl U',
      run: (e) => e.chain().focus().toggleUnderline().run(),
      on: (e) => e.isActive('underline'),
    },
    {
      name: 'Strikethrough',
      icon: mdiFormatStrikethrough,
      keys: 'Ctrl Shift S',
      run: (e) => e.chain().focus().toggleStrike().run(),
      on: (e) => e.isActive('strike'),
    },
    {
      name: 'Superscript',
      icon: mdiFormatSuperscript,
      keys: 'Ctrl .',
      run: (e) => e.chain().focus().toggleSuperscript().run(),
      on: (e) => e.isActive('superscript'),
    },
    {
      name: 'Subscript',
      icon: mdiFormatSubscript,
      keys: 'Ctrl ,',
      run: (e) => e.chain().focus().toggleSubscript().run(),
      on: (e) => e.isActive('subscript'),
    },
    {
      name: 'Inline code',
      icon: mdiCodeTags,
      keys: 'Ctrl E',
      run: (e) => e.chain().focus().toggleCode().run(),
      on: (e) => e.isActive('code'),
    },
  ],
  [
    {
      name: 'Heading 2',
      icon: mdiFormatHeader2,
      keys: 'Ctrl Alt 2',
      run: (e) => e.chain().focus().toggleHeading({ level: 2 }).run(),
      on: (e) => e.isActive('heading', { level: 2 }),
    },
    {
      name: 'Heading 3',
      icon: mdiFormatHeader3,
      keys: 'Ctrl Alt 3',
      run: (e) => e.chain().focus().toggleHeading({ level: 3 }).run(),
      on: (e) => e.isActive('heading', { level: 3 }),
    },
    {
      name: 'Bulleted list',
      icon: mdiFormatListBulleted,
      keys: 'Ctrl Shift 8',
      run: (e) => e.chain().focus().toggleBulletList().run(),
      on: (e) => e.isActive('bulletList'),
    },
    {
      name: 'Numbered list',
      icon: mdiFormatListNumbered,
      keys: 'Ctrl Shift 7',
      run: (e) => e.chain().focus().toggleOrderedList().run(),
      on: (e) => e.isActive('orderedList'),
    },
    {
      name: 'Task list',
      icon: mdiFormatListChecks,
      keys: 'Ctrl Shift 9',
      run: (e) => e.chain().focus().toggleTaskList().run(),
      on: (e) => e.isActive('taskList'),
    },
    {
      name: 'Quote',
      icon: mdiFormatQuoteClose,
      keys: 'Ctrl Shift B',
      run: (e) => e.chain().focus().toggleBlockquote().run(),
      on: (e) => e.isActive('blockquote'),
    },
    {
      name: 'Align centre',
      icon: mdiFormatAlignCenter,
      run: align('center'),
      on: (e) => e.isActive({ align: 'center' }),
    },
    { name: 'Align right', icon: mdiFormatAlignRight, run: align('right'), on: (e) => e.isActive({ align: 'right' }) },
    {
      name: 'Footnote',
      icon: mdiMessageTextOutline,
      run: (e) => e.chain().focus().toggleMark('footnote').run(),
      on: (e) => e.isActive('footnote'),
    },
  ],
  [
    { name: 'Undo', icon: mdiUndo, keys: 'Ctrl Z', run: (e) => e.chain().focus().undo().run() },
    { name: 'Redo', icon: mdiRedo, keys: 'Ctrl Shift Z', run: (e) => e.chain().focus().redo().run() },
  ],
]
