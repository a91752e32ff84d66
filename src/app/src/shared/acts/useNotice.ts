import { ref } from 'vue'

interface Notice {
  text: string
  undo?: () => Promise<void> | void
}

const notice = ref<Notice | null>(null)
let timer = 0

/** The one line at the foot of the screen that says what was done, with a way back where there is one. */
export function useNotice() {
  function say(text: string, undo?: Notice['undo']): void {
    notice.value = { text, undo }
    window.clearTimeout(timer)
    timer = window.setTimeout(() => (notice.value = null), undo ? 12_000 : 5_000)
  }

  async function undo(): Promise<void> {
    const last = notice.value
    notice.value = null
    await last?.undo?.()
  }

  return { notice, say, undo }
}
