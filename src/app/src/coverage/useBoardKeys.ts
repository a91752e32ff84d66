import { nextTick, type Ref } from 'vue'
import { rowHeight } from './useBoardWindow'

/** Rows and cells a key goes. */
const steps: Record<string, [number, number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  PageUp: [-8, 0],
  PageDown: [8, 0],
}

/** Arrow keys move between marks as in a table, so that one need not tab through hundreds of them. */
export function useBoardKeys(scroller: Ref<HTMLElement | null | undefined>, total: () => number) {
  return async function move(event: KeyboardEvent): Promise<void> {
    const step = steps[event.key]
    const from = (event.target as HTMLElement).closest('td')
    const row = from?.closest<HTMLTableRowElement>('tr[data-row]')
    if (!step || !from || !row || !scroller.value) return
    event.preventDefault()
    const at = Math.max(0, Math.min(total() - 1, Number(row.dataset.row) + step[0]))
    const find = () => scroller.value!.querySelector<HTMLTableRowElement>(`tr[data-row="${at}"]`)
    if (!find()) {
      scroller.value.scrollBy({ top: step[0] * rowHeight })
      await nextTick()
    }
    find()?.cells[from.cellIndex + step[1]]?.querySelector<HTMLElement>('button')?.focus()
  }
}
