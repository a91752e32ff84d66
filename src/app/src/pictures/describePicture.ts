import { api, take } from '../api'

/**
 * Gives a picture of the library the description that was written for it in a post, where it had none. Whoever wrote it
 * goes on writing, so a refusal is theirs to meet in the library.
 */
export async function describePicture(site: number, address: string, alt: string): Promise<boolean> {
  const query = { address }
  const picture = await take(api.GET('/api/sites/{site}/pictures/of', { params: { path: { site }, query } })).catch(
    () => null,
  )
  if (!picture || picture.alt || !alt.trim()) return false
  const { name, caption, credit, focusX, focusY, edit } = picture
  return take(
    api.PUT('/api/sites/{site}/pictures/{picture}', {
      params: { path: { site, picture: picture.id } },
      body: { name, alt: alt.trim(), caption: caption ?? '', credit: credit ?? '', focusX, focusY, edit },
    }),
  ).then(
    () => true,
    () => false,
  )
}
