import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../../api'
import { useAct, useNotice, useRefresh } from '../../../shared'
import { t } from '../../texts'

/** The skeletons of the team. */
export function usePatterns(site: () => number) {
  const act = useAct()
  const { say } = useNotice()
  const all = useQuery({
    queryKey: ['patterns', site],
    queryFn: () => take(api.GET('/api/sites/{site}/patterns', { params: { path: { site: site() } } })),
    staleTime: 60_000,
  })
  const refresh = useRefresh('patterns')

  async function keep(pattern: Schemas['PatternRequest']): Promise<boolean> {
    const kept = await act.run(() =>
      take(api.POST('/api/sites/{site}/patterns', { params: { path: { site: site() } }, body: pattern })),
    )
    if (!kept) return false
    say(t('newPostsCanStartFrom', { name: kept.name }))
    await refresh()
    return true
  }

  async function remove(pattern: Schemas['PatternView']): Promise<void> {
    await act.run(() =>
      take(
        api.DELETE('/api/sites/{site}/patterns/{pattern}', { params: { path: { site: site(), pattern: pattern.id } } }),
      ),
    )
    say(t('templateNameDeletedIts', { name: pattern.name }), async () => void (await keep(pattern)))
    await refresh()
  }

  return { all, act, keep, remove }
}
