import { api, lineOf, type Schemas, take } from '../api'
import { localTime, useNotice, useRefresh } from '../shared'
import { noChange } from '../channels'
import { t } from './texts'
import { locale } from '../texts'

type Item = Schemas['TimeLineItem']

/** Moves what waits to another time, and back. */
export function useDeliveryMoving(site: () => number, zone: () => string | undefined) {
  const { say } = useNotice()

  async function put(item: Item, at: string): Promise<void> {
    const path = { site: site(), delivery: item.id }
    await take(
      api.PUT('/api/sites/{site}/channels/deliveries/{delivery}', {
        params: { path },
        body: { ...noChange, at: localTime(at, zone()) },
      }),
    )
  }

  const refresh = useRefresh('time-line', 'channels', 'channel-delivery', 'coverage')

  async function putAll(items: { item: Item; at: string }[]): Promise<boolean> {
    try {
      for (const one of items) await put(one.item, one.at)
      return true
    } catch (reason) {
      say(lineOf(reason))
      return false
    } finally {
      await refresh()
    }
  }

  return async function move(items: Item[], moment: number): Promise<void> {
    const at = new Date(moment).toISOString()
    const when = new Intl.DateTimeFormat(locale, {
      weekday: 'long',
      day: 'numeric',
      month: 'long',
      hour: '2-digit',
      minute: '2-digit',
      timeZone: zone(),
    }).format(moment)
    if (await putAll(items.map((item) => ({ item, at }))))
      say(
        t('titleWillSentWhen', { title: items[0]!.title, when }),
        async () => void (await putAll(items.map((item) => ({ item, at: item.at })))),
      )
  }
}
