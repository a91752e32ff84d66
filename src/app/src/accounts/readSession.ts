import { api, type Schemas, take, useAntiforgery } from '../api'

let known: Schemas['SessionView'] | null = null

/** Who is signed in; asked once and after every sign-in or sign-out. */
export async function readSession(again = false): Promise<Schemas['SessionView']> {
  if (known && !again) return known
  known = await take(api.GET('/api/session'))
  useAntiforgery(known.antiforgeryToken)
  return known
}

/** The person signed in; screens behind the sign-in always have one. */
export function currentPerson(): Schemas['PersonView'] | null {
  return known?.person ?? null
}
