import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useNotice } from '../../shared'
import type { Writing } from './usePost'
import { t } from '../texts'

/** Publishing a post, planning it, passing it on for review, and taking it back; each said once it is done. */
export function usePublishing(site: () => number, { id, stored, save, act }: Writing) {
  const { say } = useNotice()
  const asking = ref(false)
  const receivers = ref(0)

  async function ask(): Promise<void> {
    if (!(await save())) return
    receivers.value = (
      await take(
        api.GET('/api/sites/{site}/posts/{post}/forecast', { params: { path: { site: site(), post: id.value! } } }),
      )
    ).subscribers
    asking.value = true
  }

  async function go(
    status: 'published' | 'scheduled' | 'inReview',
    extra: Partial<Schemas['PostRequest']>,
  ): Promise<void> {
    if (!(await save(status, extra as object))) {
      if (!act.fields.value.publishLocal) asking.value = false
      return
    }
    asking.value = false
    if (status === 'published')
      say(receivers.value ? t('publishedSendingEmails', { receivers: receivers.value }) : t('published2'))
    else say(status === 'scheduled' ? (stored.value?.clockNote ?? t('scheduled')) : t('sentReview'))
  }

  async function change(status: Schemas['PostStatus'], done: string, extra: object = {}): Promise<void> {
    if (await save(status, extra)) say(done)
  }

  return { asking, receivers, ask, go, change }
}
