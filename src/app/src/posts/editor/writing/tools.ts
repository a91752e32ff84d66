import {
  mdiCodeTags,
  mdiFormatAlignCenter,
  mdiFormatAlignRight,
  mdiFormatBold,
  mdiFormatHeader2,
  mdiFormatHeader3,
  mdiFormatIndentDecrease,
  mdiFormatIndentIncrease,
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
import { indent } from '../blocks/indentation'
import { t } from '../../texts'

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
      name: t('bold'),
      icon: mdiFormatBold,
      keys: t('ctrlB'),
      run: (e) => e.chain().focus().toggleBold().run(),
      on: (e) => e.isActive('bold'),
    },
    {
      name: t('italic'),
      icon: mdiFormatItalic,
      keys: t('ctrlI'),
      run: (e) => e.chain().focus().toggleItalic().run(),
      on: (e) => e.isActive('italic'),
    },
    {
      name: t('underline'),
      icon: mdiFormatUnderline,
      keys: t('ctrlU'),
      run: (e) => e.chain().focus().toggleUnderline().run(),
      on: (e) => e.isActive('underline'),
    },
    {
      name: t('strikethrough'),
      icon: mdiFormatStrikethrough,
      run: (e) => e.chain().focus().toggleStrike().run(),
      on: (e) => e.isActive('strike'),
    },
    {
      name: t('superscript'),
      icon: mdiFormatSuperscript,
      run: (e) => e.chain().focus().toggleSuperscript().run(),
      on: (e) => e.isActive('superscript'),
    },
    {
      name: t('subscript'),
      icon: mdiFormatSubscript,
      run: (e) => e.chain().focus().toggleSubscript().run(),
      on: (e) => e.isActive('subscript'),
    },
    {
      name: t('inlineCode'),
      icon: mdiCodeTags,
      run: (e) => e.chain().focus().toggleCode().run(),
      on: (e) => e.isActive('code'),
    },
  ],
  [
    {
      name: t('heading2'),
      icon: mdiFormatHeader2,
      run: (e) => e.chain().focus().toggleHeading({ level: 2 }).run(),
      on: (e) => e.isActive('heading', { level: 2 }),
    },
    {
      name: t('heading3'),
      icon: mdiFormatHeader3,
      run: (e) => e.chain().focus().toggleHeading({ level: 3 }).run(),
      on: (e) => e.isActive('heading', { level: 3 }),
    },
    {
      name: t('bulletedList'),
      icon: mdiFormatListBulleted,
      run: (e) => e.chain().focus().toggleBulletList().run(),
      on: (e) => e.isActive('bulletList'),
    },
    {
      name: t('numberedList'),
      icon: mdiFormatListNumbered,
      run: (e) => e.chain().focus().toggleOrderedList().run(),
      on: (e) => e.isActive('orderedList'),
    },
    {
      name: t('taskList'),
      icon: mdiFormatListChecks,
      run: (e) => e.chain().focus().toggleTaskList().run(),
      on: (e) => e.isActive('taskList'),
    },
    {
      name: t('quote'),
      icon: mdiFormatQuoteClose,
      run: (e) => e.chain().focus().toggleBlockquote().run(),
      on: (e) => e.isActive('blockquote'),
    },
    {
      name: t('alignCentre'),
      icon: mdiFormatAlignCenter,
      run: align('center'),
      on: (e) => e.isActive({ align: 'center' }),
    },
    {
      name: t('alignRight'),
      icon: mdiFormatAlignRight,
      run: align('right'),
      on: (e) => e.isActive({ align: 'right' }),
    },
    { name: t('indent'), icon: mdiFormatIndentIncrease, keys: 'Ctrl ]', run: (e) => indent(e, 1) },
    { name: t('outdent'), icon: mdiFormatIndentDecrease, keys: 'Ctrl [', run: (e) => indent(e, -1) },
    {
      name: t('footnote'),
      icon: mdiMessageTextOutline,
      run: (e) => e.chain().focus().toggleMark('footnote').run(),
      on: (e) => e.isActive('footnote'),
    },
  ],
  [
    { name: t('undo'), icon: mdiUndo, keys: t('ctrlZ'), run: (e) => e.chain().focus().undo().run() },
    { name: t('redo'), icon: mdiRedo, keys: t('ctrlShiftZ'), run: (e) => e.chain().focus().redo().run() },
  ],
]
