import Subscript from '@tiptap/extension-subscript'
import Superscript from '@tiptap/extension-superscript'
import { TableKit } from '@tiptap/extension-table'
import StarterKit from '@tiptap/starter-kit'
import { Indentation } from './indentation'
import { Alignment, Copyable, Footnote, Ink, LinkButton, LinkCard, Place, Prompt, PullQuote, Wash } from './classed'
import { withFewKeys } from './keys'
import { Gallery, Media, PictureBlock } from './pictures'
import { Task, Tasks } from './tasks'

/** Everything a post can hold. What is not here is dropped on pasting. */
export const blocks = [
  StarterKit.extend({
    addExtensions() {
      return (this.parent?.() ?? []).map(withFewKeys)
    },
  }).configure({
    heading: { levels: [2, 3, 4] },
    // What a link says of its target is the writer's to say, and where it opens the reader's.
    link: {
      openOnClick: false,
      autolink: true,
      linkOnPaste: true,
      defaultProtocol: 'https',
      HTMLAttributes: { rel: null, target: null },
    },
  }),
  withFewKeys(Subscript),
  withFewKeys(Superscript),
  TableKit.configure({ table: { resizable: false } }),
  Tasks,
  Task,
  Alignment,
  Indentation,
  Ink,
  Wash,
  Footnote,
  PullQuote,
  Copyable,
  Prompt,
  LinkButton,
  Place,
  LinkCard,
  PictureBlock,
  Gallery,
  Media,
]
