import createClient, { type Middleware } from 'openapi-fetch'
import { language } from '../texts'
import { Problem } from './problem'
import type { components, paths } from './schema'

/** Shapes of the API, generated from its description. */
export type Schemas = components['schemas']

let antiforgery = ''

/** Sets the token every changing request carries; it changes with sign-in and sign-out. */
export function useAntiforgery(token: string): void {
  antiforgery = token
}

/** The same token, for requests the typed client cannot make. */
export const antiforgeryToken = () => antiforgery

const carry: Middleware = {
  onRequest({ request }) {
    request.headers.set('Accept-Language', language.slice(0, 2))
    if (request.method !== 'GET') request.headers.set('X-Antiphon-Antiforgery', antiforgery)
    return request
  },
}

/** The typed client. */
export const api = createClient<paths>({ baseUrl: '' })
api.use(carry)

/** The data of an answer, or its problem thrown. */
export async function take<T>(asked: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await asked
  if (!response.ok) throw Problem.of(response.status, error)
  return data as T
}
