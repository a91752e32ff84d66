import { nextTick, ref, type Ref } from 'vue'

/** Lets a list be put in order by dragging, by buttons, and by Alt with the arrow keys; the focus stays with what was moved. */
export function useMoving<T>(list: Ref<HTMLElement | null>, items: () => T[], take: (moved: T[]) => void) {
  const dragged = ref(-1)

  async function move(from: number, to: number): Promise<void> {
    if (from < 0 || to < 0 || to >= items().length || from === to) return
    const moved = [...items()]
    moved.splice(to, 0, ...moved.splice(from, 1))
    take(moved)
    await nextTick()
    list.value?.querySelectorAll<HTMLElement>('li')[to]?.focus()
  }

  function key(event: KeyboardEvent, index: number): void {
    if (!event.altKey || !['ArrowUp', 'ArrowDown'].includes(event.key)) return
    event.preventDefault()
    void move(index, index + (event.key === 'ArrowUp' ? -1 : 1))
  }

  return { dragged, move, key }
}
