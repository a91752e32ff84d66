import { t } from './texts'

const blocks = 'p, h1, h2, h3, h4, h5, h6, li, pre, td, th, figcaption'

/** The words of a text with its paragraphs apart, for comparing; pictures by what they show. */
export function plainLines(html: string): string {
  const body = new DOMParser().parseFromString(html, 'text/html').body
  for (const picture of body.querySelectorAll('img')) picture.replaceWith(`[${picture.alt || t('picture2')}]`)
  const lines = [...body.querySelectorAll(blocks)]
    .filter((block) => !block.querySelector(blocks))
    .map((block) => block.textContent?.trim() ?? '')
  return (lines.length ? lines : [body.textContent?.trim() ?? '']).join('\n\n')
}
