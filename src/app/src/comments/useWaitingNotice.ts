import { watch } from 'vue'
import { useSite } from '../shared'
import { t } from './texts'

/** Tells by the browser, where the person allowed it, when something new waits and this window is not the one looked at. */
export function useWaitingNotice(): void {
  const { id, site } = useSite()
  watch(
    () => [id.value, site.value?.waiting ?? 0] as const,
    ([now, waiting], before) => {
      if (!before || before[0] !== now || waiting <= before[1] || document.hasFocus()) return
      if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return
      // The same tag takes the place of an older one, so that a busy hour is one notification.
      const told = new Notification(site.value?.name ?? '', {
        body: t('commentsWaiting', { waiting }),
        tag: `waiting-${now}`,
      })
      told.onclick = () => {
        window.focus()
        location.assign(`/s/${now}/comments`)
      }
    },
  )
}
