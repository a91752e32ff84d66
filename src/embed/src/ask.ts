/** Fetches a fragment; on a refusal tells the owner in the console and gives null, so that readers keep what is baked in. */
export async function ask(address: string): Promise<string | null> {
  try {
    const answer = await fetch(address, { credentials: 'omit' })
    if (answer.ok) return await answer.text()
    const problem = (await answer.json()) as { title?: string; detail?: string }
    console.warn(`Antiphon: ${problem.title ?? answer.status} ${problem.detail ?? ''}`)
  } catch (reason) {
    console.warn('Antiphon cannot be reached.', reason)
  }
  return null
}
