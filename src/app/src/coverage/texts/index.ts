import { catalogue } from '../../texts'
import en from './en'

/** What the area of coverage says. */
export const { t, rich } = catalogue('coverage', en)
