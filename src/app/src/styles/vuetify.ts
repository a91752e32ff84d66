import 'vuetify/styles'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import { de, en } from 'vuetify/locale'
import { language } from '../texts'

const light = {
  background: '#FAF7F0',
  surface: '#FFFDF8',
  primary: '#1F6F6B',
  secondary: '#A63D2F',
  error: '#A63D2F',
  warning: '#8A5A00',
  info: '#1F6F6B',
  success: '#1F6F6B',
  'on-background': '#1C2321',
  'on-surface': '#1C2321',
  'on-primary': '#FFFDF8',
  'on-secondary': '#FFFDF8',
  'on-error': '#FFFDF8',
}
const dark = {
  background: '#171A19',
  surface: '#1F2423',
  primary: '#6FC2BB',
  secondary: '#E58A7A',
  error: '#E58A7A',
  warning: '#E0B252',
  info: '#6FC2BB',
  success: '#6FC2BB',
  'on-background': '#ECE7DB',
  'on-surface': '#ECE7DB',
  'on-primary': '#171A19',
  'on-secondary': '#171A19',
  'on-error': '#171A19',
}

/** The component library in our colours and manners; everything about its look stands here. */
export const vuetify = createVuetify({
  locale: { locale: language === 'de' ? 'de' : 'en', fallback: 'en', messages: { en, de } },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'light',
    themes: { light: { dark: false, colors: light }, dark: { dark: true, colors: dark } },
  },
  defaults: {
    global: { ripple: false },
    VBtn: { variant: 'flat', color: 'primary', rounded: 'md', height: 38 },
    VTextField: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VTextarea: {
      variant: 'outlined',
      density: 'comfortable',
      color: 'primary',
      hideDetails: 'auto',
      autoGrow: true,
      rows: 3,
    },
    VSelect: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VAutocomplete: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VCombobox: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VSwitch: { density: 'compact', color: 'primary', hideDetails: true },
    VDialog: { maxWidth: 560 },
    VCard: { elevation: 0, rounded: 'lg' },
    VMenu: { offset: 4 },
  },
})
