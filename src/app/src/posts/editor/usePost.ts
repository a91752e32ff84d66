import { useEventListener } from '@vueuse/core'
import { watch } from 'vue'
import { onBeforeRouteLeave } from 'vue-router'
import { usePostLoading } from './usePostLoading'
import { usePostSaving } from './usePostSaving'
import { usePostState } from './usePostState'
import { useWaitingChange } from './useWaitingChange'
import { t } from '../texts'

/** A post being written, as the parts of the editor share it. */
export type Writing = ReturnType<typeof usePost>

/** A post being written. Drafts save by themselves; changes to a public post are kept beside it until they are published. */
export function usePost(site: () => number) {
  const state = usePostState(site)
  const { id, post, stored, waiting, dirty, isKept, readonly, kept, autosave, act } = state
  const { blogs, loading, failed } = usePostLoading(site, state)
  const { save } = usePostSaving(site, state)
  const { keep, dropWaiting } = useWaitingChange(state)

  // Published text changes for readers only when the writer says so.
  watch(
    () => JSON.stringify(post),
    (now) => {
      autosave.stop()
      if (!dirty.value || !post.title.trim() || post.blogId === 0 || readonly.value) return
      if (post.status === 'published' && id.value !== null && now !== kept.value) autosave.start(keep)
      if (post.status === 'draft' || post.status === 'inReview') autosave.start(() => act.running.value || save())
    },
  )
  const isSafe = () => !dirty.value || readonly.value || isKept.value
  useEventListener(window, 'beforeunload', (event) => !isSafe() && event.preventDefault())
  onBeforeRouteLeave(() => {
    autosave.stop()
    return isSafe() || window.confirm(t('leaveUnsaved'))
  })

  return { id, post, stored, waiting, blogs, dirty, isKept, readonly, save, dropWaiting, act, loading, failed }
}
