import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'
import { noChange } from '../channels'
import { useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** A delivery, read again every few seconds, and what can be done with it. `settled` is called when something was. */
export function useDelivery(path: () => { site: number; delivery: number }, settled: () => void) {
  const { data: delivery, error } = useQuery({
    queryKey: ['channel-delivery', path],
    queryFn: () => take(api.GET('/api/sites/{site}/channels/deliveries/{delivery}', { params: { path: path() } })),
    refetchInterval: 4_000,
  })
  const act = useAct()
  const { say } = useNotice()
  const refresh = useRefresh('channel-delivery', 'time-line', 'channels', 'failure-causes', 'coverage')
  const waits = computed(() => delivery.value?.state === 'queued' || delivery.value?.state === 'retrying')

  async function run(what: () => Promise<unknown>, done: string): Promise<void> {
    await act.run(what)
    if (!act.trouble.value && Object.keys(act.fields.value).length === 0) {
      settled()
      say(done)
    }
    await refresh()
  }

  const change = (what: Partial<Schemas['DeliveryChange']>, done: string) =>
    run(
      () =>
        take(
          api.PUT('/api/sites/{site}/channels/deliveries/{delivery}', {
            params: { path: path() },
            body: { ...noChange, ...what },
          }),
        ),
      done,
    )
  const on = () => ({ params: { path: path() } })
  const cancel = () =>
    run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/cancel', on())), t('cancelled'))
  const countNow = () =>
    run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/count', on())), t('counted'))
  const retry = () =>
    run(() => take(api.POST('/api/sites/{site}/channels/deliveries/{delivery}/retry', on())), t('retrying'))
  const again = () =>
    run(
      () =>
        take(
          api.POST('/api/sites/{site}/posts/{post}/channels/{channel}', {
            params: { path: { site: path().site, post: delivery.value!.postId!, channel: delivery.value!.channelId } },
            body: {},
          }),
        ),
      t('sendingAgain'),
    )

  return { delivery, error, act, waits, change, cancel, countNow, retry, again }
}
