import { keep } from './device'

/** What a refusal says: a line for all, and lines by field. */
export interface Problems {
  title?: string
  errors?: Record<string, string[]>
}

/** Sends a form's fields with more of them; gives the answer and whether it was taken. */
export async function speak<T>(
  action: string,
  fields: FormData | null,
  more: Record<string, string>,
): Promise<{ ok: boolean; said: T & Problems }> {
  // Only a file needs the form of many parts; a field for one that stays empty is no file.
  const hasFile = [...(fields?.values() ?? [])].some((value) => value instanceof File && value.size > 0)
  const body = hasFile ? fields! : new URLSearchParams()
  if (!hasFile) fields?.forEach((value, name) => typeof value === 'string' && body.append(name, value))
  for (const [name, value] of Object.entries(more)) body.set(name, value)
  body.set('device', keep().device)
  const answer = await fetch(action, {
    method: 'POST',
    body,
    headers: { Accept: 'application/json' },
    credentials: 'omit',
  })
  return { ok: answer.ok, said: (await answer.json()) as T & Problems }
}
