import { catalogue } from '../../texts'
import en from './en'

/** What the area of mentions says. */
export const { t, rich } = catalogue('mentions', en)
