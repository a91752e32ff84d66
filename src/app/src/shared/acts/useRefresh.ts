import { useQueryClient } from '@tanstack/vue-query'

/** Has the answers under these keys asked for again wherever they are shown; settles when those on the screen are there. */
export function useRefresh(...keys: string[]): () => Promise<unknown> {
  const queries = useQueryClient()
  return () => Promise.all(keys.map((key) => queries.invalidateQueries({ queryKey: [key] })))
}
