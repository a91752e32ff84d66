import { useQuery } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** An import from matching its columns to taking it back. */
export function useImport(site: () => number, id: () => number) {
  const act = useAct()
  const reload = useRefresh('import', 'imports', 'posts', 'terms', 'blogs', 'pictures', 'coverage')
  const path = () => ({ params: { path: { site: site(), import: id() } } })
  const query = useQuery({
    queryKey: ['import', site, id],
    queryFn: () => take(api.GET('/api/sites/{site}/imports/{import}', path())),
    refetchInterval: (one) => (one.state.data?.summary.state === 'running' ? 800 : false),
  })
  const plan = ref<Schemas['ImportPlan'] | null>(null)
  const trial = ref<Schemas['TrialView'] | null>(null)
  watch(query.data, (found) => (plan.value ??= found ? JSON.parse(JSON.stringify(found.plan)) : null), {
    immediate: true,
  })
  watch(plan, () => (trial.value = null), { deep: true })

  /** Takes another table of a document that holds several; its columns are matched anew. */
  async function choose(name: string): Promise<void> {
    const body = { name }
    const found = await act.run(() => take(api.POST('/api/sites/{site}/imports/{import}/table', { ...path(), body })))
    if (!found) return
    plan.value = found.plan
    await reload()
  }

  async function tryIt(): Promise<void> {
    const body = plan.value!
    const tried = await act.run(() => take(api.POST('/api/sites/{site}/imports/{import}/trial', { ...path(), body })))
    trial.value = tried ?? null
  }

  // What was made shows elsewhere as soon as it is done.
  watch(
    () => query.data.value?.summary.state,
    (now, before) => before === 'running' && now !== 'running' && reload(),
  )
  return { query, plan, trial, act, choose, tryIt, ...useRun(path, act, () => plan.value!, reload) }
}

/** Starting an import, and what can be done with one that was started. */
function useRun(
  path: () => { params: { path: { site: number; import: number } } },
  act: ReturnType<typeof useAct>,
  plan: () => Schemas['ImportPlan'],
  reload: () => Promise<unknown>,
) {
  const router = useRouter()
  const { say } = useNotice()

  async function start(everyMinutes: number | null): Promise<void> {
    const body = { plan: plan(), everyMinutes }
    if (await act.run(() => take(api.POST('/api/sites/{site}/imports/{import}/start', { ...path(), body }))))
      void reload()
  }

  async function stop(): Promise<void> {
    await act.run(async () => (await take(api.POST('/api/sites/{site}/imports/{import}/stop', path())), true))
    void reload()
  }

  async function undo(): Promise<void> {
    const result = await act.run(() => take(api.POST('/api/sites/{site}/imports/{import}/undo', path())))
    if (!result) return
    say(
      result.kept
        ? t('postsBinWereEdited', { posts: result.posts, were: result.kept })
        : t('postsBin', { posts: result.posts }),
    )
    void reload()
  }

  async function forget(): Promise<void> {
    await act.run(async () => (await take(api.DELETE('/api/sites/{site}/imports/{import}', path())), true))
    void reload()
    void router.push(`/s/${path().params.path.site}/posts/bring-in`)
  }

  return { start, stop, undo, forget }
}
