import { watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'

const longestWait = 5000
const shownFor = 4000

/** What a screen shows under a name: a line of a setting, a field, or a part with a heading. */
function shownUnder(name: string): HTMLElement | null {
  const found = [...document.querySelectorAll<HTMLElement>('#work .setting .t, #work label, #work h2')].find(
    (element) => element.textContent.trim() === name && element.offsetParent !== null,
  )
  return found?.closest<HTMLElement>('.setting, .v-input') ?? found ?? null
}

/** Marks what the address asks for by its name, once the screen shows it, and brings it into sight and focus. */
export function useMarked(): void {
  const route = useRoute()
  const router = useRouter()

  function look(name: string, until: number): void {
    const part = shownUnder(name)
    if (!part) {
      if (Date.now() < until) requestAnimationFrame(() => look(name, until))
      return
    }
    part.scrollIntoView({ block: 'center' })
    // An attribute, since components write their classes anew when they get the focus.
    part.toggleAttribute('data-marked', true)
    part.querySelector<HTMLElement>('input, textarea, button')?.focus({ preventScroll: true })
    window.setTimeout(() => part.removeAttribute('data-marked'), shownFor)
    void router.replace({ query: { ...route.query, mark: undefined } })
  }

  watch(
    () => route.query.mark,
    (name) => {
      if (typeof name === 'string' && name) look(name, Date.now() + longestWait)
    },
    { immediate: true },
  )
}
