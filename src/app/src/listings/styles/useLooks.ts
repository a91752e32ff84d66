import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../../api'
import { useAct, useRefresh } from '../../shared'
import type { WholeLook } from './wholeLook'

/** The looks that listings of a site share, and what can be done with them. */
export function useLooks(site: () => number) {
  const act = useAct()
  const { data: looks } = useQuery({
    queryKey: ['looks', site],
    queryFn: () => take(api.GET('/api/sites/{site}/looks', { params: { path: { site: site() } } })),
  })
  const refresh = useRefresh('looks')

  /** Saves a look under a name, for other listings too. */
  async function add(name: string, definition: WholeLook) {
    const made = await act.run(() =>
      take(api.POST('/api/sites/{site}/looks', { params: { path: { site: site() } }, body: { name, definition } })),
    )
    refresh()
    return made
  }

  /** Changes a look, and with it every listing that uses it. */
  async function save(id: number, name: string, definition: WholeLook) {
    const saved = await act.run(() =>
      take(
        api.PUT('/api/sites/{site}/looks/{look}', {
          params: { path: { site: site(), look: id } },
          body: { name, definition },
        }),
      ),
    )
    refresh()
    return saved
  }

  /** Removes a look; listings that use it keep it as their own. */
  async function remove(id: number): Promise<void> {
    await act.run(() =>
      take(api.DELETE('/api/sites/{site}/looks/{look}', { params: { path: { site: site(), look: id } } })),
    )
    refresh()
  }

  return { looks, add, save, remove, act }
}
