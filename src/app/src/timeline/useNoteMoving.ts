import { useTimeoutFn } from '@vueuse/core'
import { ref, type Ref } from 'vue'
import { momentAt, placeOf, stepOf } from './timeLine'

const least = 5
const rest = 900
const dayLength = 86_400_000
const directions: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1 }

/** A note being moved along its lane. */
export interface MovingNote {
  key: string
  moment: number
}

/** How far along a lane a point lies, from 0 at its start to 1 at its end. */
function shareAt(track: HTMLElement, x: number): number {
  const box = track.getBoundingClientRect()
  return (x - box.left) / box.width
}

/** How far an arrow key goes along a lane: a step, with Shift a day; 0 for other keys. */
function shareOf(event: KeyboardEvent, days: number): number {
  const direction = directions[event.key] ?? 0
  return (direction * (event.shiftKey ? dayLength : stepOf(days))) / (days * dayLength)
}

/** Tells the click that ends a move from one that opens a note. */
function clickAfterMove() {
  let wasMoved = false
  return {
    begin: () => (wasMoved = false),
    moved: () => (wasMoved = true),
    /** Whether the click now is the end of a move, and no wish to open the note. */
    endsMove: () => {
      const ends = wasMoved
      wasMoved = false
      return ends
    },
  }
}

/** Moves notes of a lane by hand or by the arrow keys; what was moved is told once it is let go, or the keys rest. */
export function useNoteMoving(
  track: Ref<HTMLElement | null>,
  span: () => { start: number; days: number },
  moved: (note: MovingNote) => void,
) {
  const moving = ref<MovingNote | null>(null)
  let began: { key: string; x: number } | null = null
  const click = clickAfterMove()
  const resting = useTimeoutFn(settle, rest, { immediate: false })

  function place(key: string, share: number): void {
    const { start, days } = span()
    moving.value = { key, moment: momentAt(share, start, days, Date.now()) }
  }

  function grab(event: PointerEvent, key: string): void {
    click.begin()
    if (event.button !== 0) return
    began = { key, x: event.clientX }
    ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  }

  function drag(event: PointerEvent): void {
    if (!began || (!moving.value && Math.abs(event.clientX - began.x) < least)) return
    place(began.key, shareAt(track.value!, event.clientX))
  }

  function release(): void {
    began = null
    if (moving.value) click.moved()
    settle()
  }

  /** Takes a note by an arrow key: a step, with Shift a day. True when the key was one. */
  function press(event: KeyboardEvent, key: string, at: number): boolean {
    if (event.key === 'Escape' && moving.value) return (stop(), true)
    const { start, days } = span()
    const by = shareOf(event, days)
    if (!by) return false
    place(key, by + (moving.value?.key === key ? placeOf(moving.value.moment, start, days) : at))
    resting.start()
    return true
  }

  function settle(): void {
    const note = moving.value
    stop()
    if (note) moved(note)
  }

  function stop(): void {
    resting.stop()
    began = null
    moving.value = null
  }

  return { moving, grab, drag, release, press, stop, endsMove: click.endsMove }
}
