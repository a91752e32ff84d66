import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../../api'
import { useAct, useNotice, useRefresh } from '../../../shared'
import { t } from '../../texts'

/** The templates of the team. */
export function useTemplates(site: () => number) {
  const act = useAct()
  const { say } = useNotice()
  const all = useQuery({
    queryKey: ['post-templates', site],
    queryFn: () => take(api.GET('/api/sites/{site}/patterns', { params: { path: { site: site() } } })),
    staleTime: 60_000,
  })
  const refresh = useRefresh('post-templates')

  async function keep(template: Schemas['PostTemplateRequest']): Promise<boolean> {
    const kept = await act.run(() =>
      take(api.POST('/api/sites/{site}/patterns', { params: { path: { site: site() } }, body: template })),
    )
    if (!kept) return false
    say(t('newPostsCanStartFrom', { name: kept.name }))
    await refresh()
    return true
  }

  async function remove(template: Schemas['PostTemplateView']): Promise<void> {
    await act.run(() =>
      take(
        api.DELETE('/api/sites/{site}/patterns/{template}', {
          params: { path: { site: site(), template: template.id } },
        }),
      ),
    )
    say(t('templateNameDeletedIts', { name: template.name }), async () => void (await keep(template)))
    await refresh()
  }

  return { all, act, keep, remove }
}
