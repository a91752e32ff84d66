import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import { api, type Schemas, take } from '../../../api'
import { useAct } from '../../../shared'

type Wish = Schemas['PostChannelOptions']
type Preview = Schemas['ChannelPreview']

/** What every channel makes of a post with what is wished for it here, and the wishes themselves. */
export function useChannelPreviews(
  details: Ref<Schemas['PostDetails']>,
  post: () => { siteId: number; postId: number; revision: number },
) {
  const act = useAct()
  const checked = ref<{ wishes: string; previews: Preview[] } | null>(null)
  const wishes = computed(() => JSON.stringify(details.value.channels ?? []))
  const settled = refDebounced(wishes, 300)
  const ask = (opensLinks: boolean) => {
    const { siteId, postId } = post()
    const body = { wishes: details.value.channels ?? [], opensLinks }
    return take(
      api.POST('/api/sites/{site}/posts/{post}/channels/preview', {
        params: { path: { site: siteId, post: postId } },
        body,
      }),
    )
  }
  const { data } = useQuery({
    queryKey: ['channel-previews', () => post().siteId, () => post().postId, () => post().revision, settled],
    queryFn: () => ask(false),
    placeholderData: (before) => before,
  })
  // What the links said holds as long as the texts are those that were looked at.
  const previews = computed(() => (checked.value?.wishes === wishes.value ? checked.value.previews : data.value))
  const wishOf = (channel: number): Wish =>
    details.value.channels?.find((one) => one.channel === channel) ?? {
      channel,
      goes: null,
      at: null,
      text: null,
      turn: null,
    }
  const goes = (one: Preview) => wishOf(one.channelId).goes ?? !one.refusal

  function wish(channel: number, change: Partial<Wish>): void {
    const next = { ...wishOf(channel), ...change }
    const others = details.value.channels?.filter((one) => one.channel !== channel) ?? []
    const saysNothing = next.goes === null && !next.at && !next.text && next.turn === null
    details.value = { ...details.value, channels: saysNothing ? others : [...others, next] }
  }

  /** Opens every link of every text. */
  async function openLinks(): Promise<void> {
    const now = wishes.value
    const found = await act.run(() => ask(true))
    if (found) checked.value = { wishes: now, previews: found }
  }

  const hasOpened = computed(() => checked.value?.wishes === wishes.value)
  return { previews, wishOf, wish, goes, openLinks, hasOpened, checking: act.running, trouble: act.trouble }
}

/** How the editor decides for single posts. */
export type ChannelPreviews = ReturnType<typeof useChannelPreviews>
