type Texts = Readonly<Record<string, string>>

const filler = 'ipsum dolor sit amet consectetur adipiscing elit sed do eiusmod tempor incididunt ut labore '.repeat(8)

/** Texts at 1.4 times their length. What is added stands behind, so that every pattern can still be read. */
export const lengthened = (texts: Texts): Texts =>
  Object.fromEntries(
    Object.entries(texts).map(([key, text]) => {
      const seen = text.replace(/\{\w+[^{}]*|[{}]|<[^>]*>/g, '').length
      return [key, text + filler.slice(0, Math.ceil(seen * 0.4))]
    }),
  )
