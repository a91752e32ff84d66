/** Fetches a fragment; on a refusal tells the owner in the console and gives null, so that readers keep what is baked in. */
export async function ask(address: string): Promise<string | null> {
  try {
    // The page's address goes along, so that its owner sees where the listing is; nothing of the reader does.
    const answer = await fetch(address, { credentials: 'omit', referrerPolicy: 'no-referrer-when-downgrade' })
    if (answer.ok) return await answer.text()
    const problem = (await answer.json()) as { title?: string; detail?: string }
    console.warn(`Antiphon: ${problem.title ?? answer.status} ${problem.detail ?? ''}`)
  } catch (reason) {
    console.warn('Antiphon cannot be reached.', reason)
  }
  return null
}
