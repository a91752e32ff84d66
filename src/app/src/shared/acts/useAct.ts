import { ref } from 'vue'
import { lineOf, Problem } from '../../api'

/** Runs an act of the person: shows that it runs, and keeps what to correct. */
export function useAct() {
  const running = ref(false)
  const trouble = ref('')
  const fields = ref<Record<string, string[]>>({})
  const code = ref('')

  /** Gives the result, or undefined when it was refused; the refusal then stands in `trouble` and `fields`, its kind in `code`. */
  async function run<T>(act: () => Promise<T>): Promise<T | undefined> {
    running.value = true
    trouble.value = ''
    fields.value = {}
    code.value = ''
    try {
      return await act()
    } catch (reason) {
      code.value = reason instanceof Problem ? reason.code : ''
      if (reason instanceof Problem && Object.keys(reason.fields).length > 0) fields.value = reason.fields
      else trouble.value = lineOf(reason)
      return undefined
    } finally {
      running.value = false
    }
  }

  return { running, trouble, fields, code, run }
}
