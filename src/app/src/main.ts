import '@fontsource-variable/instrument-sans/wght.css'
import '@fontsource-variable/jetbrains-mono/wght.css'
import '@fontsource-variable/newsreader/wght.css'
import '@fontsource-variable/newsreader/wght-italic.css'
import './styles/tokens.css'
import './styles/frame.css'
import './styles/parts.css'
import { language, loadTranslations } from './texts'

// Everything after this may say something, also while it is loaded: tables of words, routes, the first screen.
document.documentElement.lang = language
await loadTranslations()
await import('./start')
