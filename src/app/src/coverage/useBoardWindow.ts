import { useQueries } from '@tanstack/vue-query'
import { useElementSize, useScroll } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import { api, type Schemas, take } from '../api'

/** Height of a row in pixels; the style of the board holds to it. */
export const rowHeight = 48

const chunk = 50
const spare = 8

/** A row of the board by its number; one not read yet has no post. */
export type BoardLine = { number: number; row: Schemas['CoverageRow'] | null }

/** The rows of the board that are in sight, whatever the board's length: the server computes them by the fifty when they come near. */
export function useBoardWindow(site: Ref<number>, blog: Ref<number | undefined>, show: Ref<'off' | 'due' | undefined>) {
  const scroller = ref<HTMLElement | null>(null)
  const { y } = useScroll(scroller)
  const { height } = useElementSize(scroller)
  const found = ref(chunk)
  const first = computed(() =>
    Math.max(0, Math.min(Math.floor(y.value / rowHeight) - spare, Math.max(0, found.value - 1))),
  )
  const last = computed(() => Math.min(found.value, first.value + Math.ceil(height.value / rowHeight) + 2 * spare))
  // The head of the board is always known: names of places and numbers come with it.
  const chunks = computed(() => {
    const near = new Set([0])
    for (let at = Math.floor(first.value / chunk); at * chunk < last.value; at++) near.add(at)
    return [...near]
  })
  const answers = useQueries({
    queries: computed(() =>
      chunks.value.map((at) => ({
        queryKey: ['coverage', site.value, blog.value ?? 0, show.value ?? '', at],
        queryFn: async () => {
          const query = { blog: blog.value, show: show.value, from: at * chunk, count: chunk }
          const board = await take(
            api.GET('/api/sites/{site}/coverage', { params: { path: { site: site.value }, query } }),
          )
          found.value = board.found
          return board
        },
        refetchInterval: 15_000,
        staleTime: 5_000,
      })),
    ),
  })
  const board = computed(() => answers.value[0]?.data)
  const rows = computed(() => {
    const known = new Map<number, Schemas['CoverageRow']>()
    for (const answer of answers.value)
      answer.data?.posts.forEach((row, index) => known.set(answer.data!.from + index, row))
    return known
  })
  const total = computed(() => board.value?.found ?? 0)
  const lines = computed<BoardLine[]>(() => {
    const shown: BoardLine[] = []
    for (let number = first.value; number < Math.min(last.value, total.value); number++)
      shown.push({ number, row: rows.value.get(number) ?? null })
    return shown
  })
  const error = computed(() => answers.value.find((answer) => answer.error)?.error ?? null)
  return { scroller, board, lines, rows, total, error, isPending: computed(() => answers.value[0]?.isPending ?? true) }
}
