import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useRefresh } from '../../shared'

/** What is asked of the server for a channel that is set up, with the answers. */
export function useChannelCalls(site: () => number, id: () => number) {
  const act = useAct()
  const test = ref<Schemas['ChannelTestView'] | null>(null)
  const made = ref<Schemas['ChannelSecretView'] | null>(null)
  const path = () => ({ params: { path: { site: site(), channel: id() } } })

  /** Forgets the answers of another channel. */
  function forget(): void {
    test.value = null
    made.value = null
    act.fields.value = {}
    act.trouble.value = ''
  }

  const refresh = useRefresh('channels', 'time-line', 'failure-causes', 'channel-previews', 'coverage')

  /** Asks the receiver whether it knows us. */
  async function tryOut(): Promise<void> {
    test.value =
      (await act.run(() => take(api.POST('/api/sites/{site}/channels/set-up/{channel}/test', path())))) ?? null
  }

  /** Makes a new secret; true when there is one. */
  async function renew(): Promise<boolean> {
    made.value =
      (await act.run(() => take(api.POST('/api/sites/{site}/channels/set-up/{channel}/secret', path())))) ?? null
    return made.value !== null
  }

  async function setPaused(isPaused: boolean): Promise<void> {
    await act.run(() =>
      isPaused
        ? take(api.POST('/api/sites/{site}/channels/set-up/{channel}/pause', path()))
        : take(api.POST('/api/sites/{site}/channels/set-up/{channel}/resume', path())),
    )
    await refresh()
  }

  /** Archives the channel; false when something stands against it. */
  async function remove(): Promise<boolean> {
    await act.run(() => take(api.DELETE('/api/sites/{site}/channels/set-up/{channel}', path())))
    return !act.trouble.value
  }

  return { act, test, made, forget, refresh, tryOut, renew, setPaused, remove }
}
