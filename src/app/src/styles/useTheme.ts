import { usePreferredDark, useStorage } from '@vueuse/core'
import { computed, watchEffect } from 'vue'
import { useTheme as useVuetifyTheme } from 'vuetify'

/** How the workplace is lit: as the system says, or as the person chose. */
export type ThemeChoice = 'system' | 'light' | 'dark'

/** The choice, kept on this device, and its effect on page and components. */
export function useTheme() {
  const choice = useStorage<ThemeChoice>('antiphon-theme', 'system')
  const prefersDark = usePreferredDark()
  const vuetify = useVuetifyTheme()
  const name = computed(() => (choice.value === 'system' ? (prefersDark.value ? 'dark' : 'light') : choice.value))
  watchEffect(() => {
    document.documentElement.dataset.theme = name.value
    vuetify.change(name.value)
  })
  return { choice, name }
}
