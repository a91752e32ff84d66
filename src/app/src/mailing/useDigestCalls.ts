import { api, type Schemas, take } from '../api'
import { type useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** What is done with a digest that is set up. */
export function useDigestCalls(site: () => number, id: () => number | null, act: ReturnType<typeof useAct>) {
  const { say } = useNotice()
  const refresh = useRefresh('digests', 'editions', 'mail', 'coverage')
  const on = () => ({ params: { path: { site: site(), digest: id()! } } })

  async function setPaused(isPaused: boolean): Promise<void> {
    await act.run(() =>
      take(
        isPaused
          ? api.POST('/api/sites/{site}/channels/digests/{digest}/pause', on())
          : api.POST('/api/sites/{site}/channels/digests/{digest}/resume', on()),
      ),
    )
    await refresh()
  }

  async function sendNow(): Promise<boolean> {
    await act.run(() => take(api.POST('/api/sites/{site}/channels/digests/{digest}/send', on())))
    const isSent = !act.trouble.value && !act.fields.value.posts
    if (isSent) say(t('sending2'))
    await refresh()
    return isSent
  }

  async function remove(name: string): Promise<boolean> {
    await act.run(() => take(api.DELETE('/api/sites/{site}/channels/digests/{digest}', on())))
    if (act.trouble.value) return false
    say(t('nameDeleted', { name }))
    await refresh()
    return true
  }

  async function tryOut(body: Schemas['DigestRequest']): Promise<void> {
    const sent = await act.run(() =>
      take(
        api.POST('/api/sites/{site}/channels/digests/test', {
          params: { path: { site: site() }, query: id() ? { digest: id()! } : {} },
          body,
        }),
      ),
    )
    if (sent) say(t('testSentMail', { mail: sent.mail }))
  }

  return { refresh, setPaused, sendNow, remove, tryOut }
}
