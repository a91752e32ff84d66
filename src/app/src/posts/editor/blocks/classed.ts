import { Extension, Mark, mergeAttributes, Node } from '@tiptap/core'
import { Plugin, TextSelection } from '@tiptap/pm/state'
import { t } from '../../texts'

/** Alignment as a class of the block, so that every place that shows posts decides what it looks like. */
export const Alignment = Extension.create({
  name: 'alignment',
  addGlobalAttributes() {
    return [
      {
        types: ['paragraph', 'heading'],
        attributes: {
          align: {
            default: null,
            parseHTML: (element) =>
              ['center', 'right'].find(
                (side) => element.classList.contains(`align-${side}`) || element.style.textAlign === side,
              ) ?? null,
            renderHTML: ({ align }) => (align ? { class: `align-${align}` } : {}),
          },
        },
      },
    ]
  },
})

/** Colours by meaning: each has a readable form on light and on dark ground. */
export const inks = ['verdigris', 'madder', 'ochre', 'soft'] as const
export const washes = ['verdigris', 'madder', 'ochre'] as const

const coloured = (name: string, tag: string, prefix: string, names: readonly string[]) =>
  Mark.create({
    name,
    addAttributes: () => ({
      colour: {
        default: null,
        parseHTML: (element: HTMLElement) =>
          names.find((one) => element.classList.contains(`${prefix}-${one}`)) ?? null,
        renderHTML: ({ colour }: { colour: string | null }) => (colour ? { class: `${prefix}-${colour}` } : {}),
      },
    }),
    parseHTML: () => names.map((one) => ({ tag: `${tag}.${prefix}-${one}` })),
    renderHTML: ({ HTMLAttributes }) => [tag, HTMLAttributes, 0],
  })

export const Ink = coloured('ink', 'span', 'ink', inks)
export const Wash = coloured('wash', 'mark', 'wash', washes)

/** A note that readers find at the end of the text. */
export const Footnote = Mark.create({
  name: 'footnote',
  inclusive: false,
  parseHTML: () => [{ tag: 'span.footnote' }],
  renderHTML: () => ['span', { class: 'footnote' }, 0],
})

/** A quote from the post itself, set large. */
export const PullQuote = Node.create({
  name: 'pullQuote',
  group: 'block',
  content: 'paragraph+',
  defining: true,
  parseHTML: () => [{ tag: 'blockquote.pull', priority: 60 }],
  renderHTML: () => ['blockquote', { class: 'pull' }, 0],
})

/** Text that readers copy with one button, such as coordinates or a command. */
export const Copyable = Node.create({
  name: 'copyable',
  group: 'block',
  content: 'text*',
  marks: '',
  code: true,
  defining: true,
  parseHTML: () => [{ tag: 'pre.copyable', preserveWhitespace: 'full', priority: 60 }],
  renderHTML: () => ['pre', { class: 'copyable' }, 0],
})

/** What a template asks the writer to fill in; the first letter typed in it takes its place. */
export const Prompt = Node.create({
  name: 'prompt',
  group: 'block',
  content: 'inline*',
  parseHTML: () => [{ tag: 'p.prompt', priority: 60 }],
  renderHTML: () => ['p', { class: 'prompt' }, 0],
  addProseMirrorPlugins() {
    return [
      new Plugin({
        props: {
          handleTextInput(view, _from, _to, text) {
            const at = view.state.selection.$from
            if (at.parent.type.name !== 'prompt') return false
            const paragraph = view.state.schema.nodes.paragraph!.create(null, view.state.schema.text(text))
            const change = view.state.tr.replaceWith(at.before(), at.after(), paragraph)
            view.dispatch(change.setSelection(TextSelection.create(change.doc, at.before() + 1 + text.length)))
            return true
          },
        },
      }),
    ]
  },
})

/** A link that looks like a button. */
export const LinkButton = Node.create({
  name: 'linkButton',
  group: 'block',
  atom: true,
  addAttributes: () => ({
    href: { default: '' },
    text: { default: '', parseHTML: (element: HTMLElement) => element.textContent },
  }),
  parseHTML: () => [{ tag: 'a.button', priority: 70 }],
  renderHTML: ({ HTMLAttributes: { href, text } }) => ['a', { class: 'button', href }, String(text)],
})

/** Marks a place that is filled where the post is shown: contents, author, related posts, forms. */
export const places = {
  contents: t('contentsFromHeadings'),
  author: t('aboutAuthor'),
  related: t('relatedPosts'),
  question: t('contactFormNameEmail'),
  subscribe: t('signUpFormNew'),
  follow: t('followLinksFromSite'),
} as const

export const Place = Node.create({
  name: 'place',
  group: 'block',
  atom: true,
  selectable: true,
  draggable: true,
  addAttributes: () => ({
    kind: {
      default: 'contents',
      parseHTML: (element: HTMLElement) =>
        Object.keys(places).find((kind) => element.classList.contains(`block-${kind}`)),
    },
  }),
  parseHTML: () => Object.keys(places).map((kind) => ({ tag: `div.block-${kind}` })),
  renderHTML: ({ node }) => ['div', { class: `block-${node.attrs.kind}` }],
  addNodeView() {
    return ({ node }) => {
      const dom = document.createElement('div')
      dom.className = 'place'
      dom.textContent = places[node.attrs.kind as keyof typeof places]
      return { dom }
    }
  },
})

/** What stands at an address, as it said of itself when the card was made; nothing of it is loaded for readers. */
export const LinkCard = Node.create({
  name: 'linkCard',
  group: 'block',
  atom: true,
  draggable: true,
  addAttributes: () => ({
    href: { default: '', parseHTML: (element: HTMLElement) => element.querySelector('a')?.getAttribute('href') },
    title: { default: '', parseHTML: (element: HTMLElement) => element.querySelector('strong')?.textContent ?? '' },
    text: { default: '', parseHTML: (element: HTMLElement) => element.querySelector('span')?.textContent ?? '' },
    host: { default: '', parseHTML: (element: HTMLElement) => element.querySelector('small')?.textContent ?? '' },
    picture: {
      default: null,
      parseHTML: (element: HTMLElement) => element.querySelector('img')?.getAttribute('src') ?? null,
    },
  }),
  parseHTML: () => [{ tag: 'aside.link-card' }],
  renderHTML: ({ node: { attrs } }) => {
    const words = [
      ['strong', String(attrs.title)],
      ['span', String(attrs.text)],
      ['small', String(attrs.host)],
    ]
    const picture = attrs.picture ? [['img', { src: attrs.picture, alt: '' }]] : []
    return ['aside', mergeAttributes({ class: 'link-card' }), ['a', { href: attrs.href }, ...picture, ...words]]
  },
})
