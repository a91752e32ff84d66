import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useChangeOfPosts } from '../../shared'

type Change = Pick<Schemas['BulkRequest'], 'kind'> & Partial<Schemas['BulkRequest']>

/** The posts chosen in the list, and changes to all of them, which can be taken back. */
export function useBulk(
  site: () => number,
  posts: () => Schemas['PostSummary'][],
  found: () => Record<string, unknown>,
  total: () => number,
) {
  const chosen = ref(new Set<number>())
  const everything = ref(false)
  const changes = useChangeOfPosts(site)
  const { act } = changes
  const count = computed(() => (everything.value ? total() : chosen.value.size))
  watch(found, clear)

  function clear(): void {
    chosen.value = new Set()
    everything.value = false
  }

  function toggle(id: number): void {
    const next = new Set(chosen.value)
    if (!next.delete(id)) next.add(id)
    chosen.value = next
    everything.value = false
  }

  function toggleAll(): void {
    const all = posts().map((post) => post.id)
    chosen.value = all.every((id) => chosen.value.has(id)) ? new Set() : new Set(all)
    everything.value = false
  }

  function bodyOf(change: Change): Schemas['BulkRequest'] {
    const { withFindings, bin, ...rest } = found()
    const filter = { ...rest, withFindings: withFindings === true, bin: bin === true } as Schemas['BulkFilter']
    return everything.value
      ? { isOn: true, ...change, posts: null, found: filter }
      : { isOn: true, ...change, posts: [...chosen.value], found: null }
  }

  /** How many posts a change would touch. */
  const forecast = (change: Change) =>
    act.run(() =>
      take(
        api.POST('/api/sites/{site}/posts/bulk/forecast', { params: { path: { site: site() } }, body: bodyOf(change) }),
      ),
    )

  /** Makes the change and offers the way back. */
  async function make(change: Change, done: (count: number) => string): Promise<boolean> {
    const isDone = await changes.make(bodyOf(change), done)
    if (isDone) clear()
    return isDone
  }

  return { chosen, everything, count, act, clear, toggle, toggleAll, forecast, make, refresh: changes.refresh }
}
