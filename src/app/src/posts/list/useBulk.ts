import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, take, type Schemas } from '../../api/client'
import { counted } from '../../shared/counted'
import { useAct } from '../../shared/useAct'
import { useNotice } from '../../shared/useNotice'

type Change = Pick<Schemas['BulkRequest'], 'kind'> & Partial<Schemas['BulkRequest']>

/** The posts chosen in the list, and changes to all of them, which can be taken back. */
export function useBulk(site: () => number, posts: () => Schemas['PostSummary'][], found: () => Record<string, unknown>, total: () => number) {
  const chosen = ref(new Set<number>())
  const everything = ref(false)
  const act = useAct()
  const queries = useQueryClient()
  const { say } = useNotice()
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
    return everything.value ? { isOn: true, ...change, posts: null, found: filter } : { isOn: true, ...change, posts: [...chosen.value], found: null }
  }

  /** How many posts a change would touch. */
  const forecast = (change: Change) =>
    act.run(() => take(api.POST('/api/sites/{site}/posts/bulk/forecast', { params: { path: { site: site() } }, body: bodyOf(change) })))

  /** Makes the change and offers the way back. */
  async function make(change: Change, done: (count: number) => string): Promise<boolean> {
    const result = await act.run(() => take(api.POST('/api/sites/{site}/posts/bulk', { params: { path: { site: site() } }, body: bodyOf(change) })))
    if (!result) return false
    clear()
    refresh()
    say(done(result.posts), () => undo(result.change))
    return true
  }

  async function undo(change: number): Promise<void> {
    const result = await act.run(() => take(api.POST('/api/sites/{site}/posts/bulk/{change}/undo', { params: { path: { site: site(), change } } })))
    if (!result) return
    refresh()
    say(
      `${counted(result.posts, 'post is', 'posts are')} as before.` + (result.kept ? ` ${counted(result.kept, 'was', 'were')} changed since and stayed.` : ''),
    )
  }

  function refresh(): void {
    for (const key of ['posts', 'terms', 'coverage', 'blogs']) void queries.invalidateQueries({ queryKey: [key] })
  }

  return { chosen, everything, count, act, clear, toggle, toggleAll, forecast, make, refresh }
}
