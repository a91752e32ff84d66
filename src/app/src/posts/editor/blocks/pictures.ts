import { mergeAttributes, Node } from '@tiptap/core'

const sizes = ['wide', 'left', 'right', 'small'] as const
const numberOf = (value: string | null | undefined) => (value ? Number(value) || null : null)

/** A picture with words below it. Its size is stored with it, so that nothing moves when it arrives. */
export const PictureBlock = Node.create({
  name: 'pictureBlock',
  group: 'block',
  content: 'inline*',
  draggable: true,
  isolating: true,
  addAttributes: () => ({
    src: { default: '', parseHTML: (element: HTMLElement) => imageOf(element)?.getAttribute('src') },
    alt: { default: '', parseHTML: (element: HTMLElement) => imageOf(element)?.getAttribute('alt') ?? '' },
    width: { default: null, parseHTML: (element: HTMLElement) => numberOf(imageOf(element)?.getAttribute('width')) },
    height: { default: null, parseHTML: (element: HTMLElement) => numberOf(imageOf(element)?.getAttribute('height')) },
    size: {
      default: null,
      parseHTML: (element: HTMLElement) => sizes.find((size) => element.classList.contains(size)) ?? null,
    },
  }),
  parseHTML: () => [
    {
      tag: 'figure',
      contentElement: (element) => element.querySelector('figcaption') ?? document.createElement('figcaption'),
    },
    { tag: 'img[src]', priority: 40 },
  ],
  renderHTML: ({ node: { attrs } }) => {
    const image = {
      src: attrs.src,
      alt: attrs.alt,
      ...(attrs.width ? { width: attrs.width, height: attrs.height } : {}),
    }
    return [
      'figure',
      mergeAttributes({ class: ['picture', attrs.size].filter(Boolean).join(' ') }),
      ['img', image],
      ['figcaption', {}, 0],
    ]
  },
})

const imageOf = (element: HTMLElement) => (element instanceof HTMLImageElement ? element : element.querySelector('img'))

/** Pictures side by side. */
export const Gallery = Node.create({
  name: 'gallery',
  group: 'block',
  content: 'pictureBlock+',
  isolating: true,
  parseHTML: () => [{ tag: 'div.gallery' }],
  renderHTML: () => ['div', { class: 'gallery' }, 0],
})

/** A film or a sound file; nothing of it is loaded before somebody starts it. */
export const Media = Node.create({
  name: 'media',
  group: 'block',
  atom: true,
  draggable: true,
  addAttributes: () => ({
    kind: { default: 'video', parseHTML: (element: HTMLElement) => element.localName },
    src: { default: '' },
  }),
  parseHTML: () => [{ tag: 'video[src]' }, { tag: 'audio[src]' }],
  renderHTML: ({ node: { attrs } }) => [String(attrs.kind), { src: attrs.src, controls: '', preload: 'none' }],
})
