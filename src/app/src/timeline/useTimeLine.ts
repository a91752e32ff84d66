import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, take } from '../api'
import { spans, startAround } from './timeLine'

const day = 86_400_000

/** Channels of a site and what went out and goes out in a span of days; both ends of the span stand in the address. */
export function useTimeLine(site: () => number, from: Ref<string>, length: Ref<string>) {
  const days = computed(() => spans.find((one) => String(one.days) === length.value)?.days ?? spans[0].days)
  const start = computed(() =>
    /^\d{4}-\d{2}-\d{2}$/.test(from.value)
      ? new Date(`${from.value}T00:00:00Z`).getTime()
      : startAround(Date.now(), days.value),
  )
  const path = () => ({ path: { site: site() } })
  const channels = useQuery({
    queryKey: ['channels', site],
    queryFn: () => take(api.GET('/api/sites/{site}/channels/set-up', { params: path() })),
    refetchInterval: 5_000,
  })
  const line = useQuery({
    queryKey: ['time-line', site, start, days],
    queryFn: () => {
      const query = {
        from: new Date(start.value).toISOString(),
        until: new Date(start.value + days.value * day).toISOString(),
      }
      return take(api.GET('/api/sites/{site}/channels/deliveries', { params: { ...path(), query } }))
    },
    placeholderData: (before) => before,
    refetchInterval: 5_000,
  })

  /** Moves the span by so many days. */
  function shift(by: number): void {
    from.value = new Date(start.value + by * day).toISOString().slice(0, 10)
  }

  return { start, days, channels, line, shift }
}
