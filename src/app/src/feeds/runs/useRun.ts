import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, take } from '../../api'
import { useAct, useRefresh } from '../../shared'

/** Several feeds that are checked at once: how far they are, and what can be done about it. */
export function useRun(site: () => number, id: () => number) {
  const router = useRouter()
  const act = useAct()
  const path = () => ({ params: { path: { site: site(), run: id() } } })
  const query = useQuery({
    queryKey: ['check-run', site, id],
    queryFn: () => take(api.GET('/api/sites/{site}/feeds/runs/{run}', path())),
    refetchInterval: (asked) => {
      const run = asked.state.data?.run
      // The answer grows with the feeds, so that many are asked for less often.
      return run && run.checked < run.feeds && !run.isCancelled ? Math.min(5000, 800 + 10 * run.feeds) : false
    },
  })
  const run = computed(() => query.data.value?.run)
  const isGoing = computed(() => !!run.value && run.value.checked < run.value.feeds && !run.value.isCancelled)
  const reload = useRefresh('check-run', 'check-runs')

  async function cancel(): Promise<void> {
    await act.run(async () => (await take(api.POST('/api/sites/{site}/feeds/runs/{run}/cancel', path())), true))
    await reload()
  }

  async function resume(): Promise<void> {
    await act.run(async () => (await take(api.POST('/api/sites/{site}/feeds/runs/{run}/resume', path())), true))
    await reload()
  }

  async function again(): Promise<void> {
    const made = await act.run(() => take(api.POST('/api/sites/{site}/feeds/runs/{run}/again', path())))
    if (!made) return
    await reload()
    void router.push(`/s/${site()}/feeds/runs/${made.id}`)
  }

  const report = (format: string) =>
    take(
      api.GET('/api/sites/{site}/feeds/runs/{run}/report', {
        params: { ...path().params, query: { format } },
        parseAs: 'text',
      }),
    )

  return { query, run, isGoing, act, cancel, resume, again, report }
}
