import { useQueryClient } from '@tanstack/vue-query'
import { ref, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import { dayName } from './month'
import { t } from '../texts'

type Entry = Schemas['CalendarEntry']

const steps: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 }

/** Moves posts that are still to come to another day, by dragging or by Alt and the arrow keys. */
export function useCalendarMoving(site: () => number, mayEdit: Ref<boolean>) {
  const act = useAct()
  const queries = useQueryClient()
  const { say } = useNotice()
  const over = ref('')
  let dragged: Entry | null = null

  const movable = (entry: Entry) => mayEdit.value && entry.writtenHere && entry.status !== 'published'

  async function move(entry: Entry, day: string): Promise<void> {
    const time = entry.status === 'scheduled' ? entry.local.slice(11) : '09:00'
    const before = entry.local
    const was = entry.status
    const moved = await act.run(() =>
      take(
        api.PUT('/api/sites/{site}/calendar/{post}', {
          params: { path: { site: site(), post: entry.id } },
          body: { revision: entry.revision, local: `${day}T${time}` },
        }),
      ),
    )
    act.trouble.value ||= act.fields.value.local?.[0] ?? ''
    for (const name of ['calendar', 'posts', 'coverage']) void queries.invalidateQueries({ queryKey: [name] })
    if (!moved) return
    const back = () => move({ ...moved, local: before }, before.slice(0, 10))
    say(
      t('titleWillPublishedDay', { title: entry.title, day: dayName(day), time }),
      was === 'scheduled' ? back : undefined,
    )
  }

  function grab(entry: Entry): void {
    dragged = entry
  }

  function drop(day: string): void {
    over.value = ''
    if (dragged && dragged.local.slice(0, 10) !== day) void move(dragged, day)
    dragged = null
  }

  function key(event: KeyboardEvent, entry: Entry): void {
    const step = steps[event.key]
    if (!step || !event.altKey || !movable(entry)) return
    event.preventDefault()
    const day = new Date(`${entry.local.slice(0, 10)}T00:00:00Z`)
    day.setUTCDate(day.getUTCDate() + step)
    void move(entry, day.toISOString().slice(0, 10))
  }

  return { over, trouble: act.trouble, movable, grab, drop, key }
}
