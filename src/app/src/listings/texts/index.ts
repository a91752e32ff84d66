import { catalogue } from '../../texts'
import en from './en'

/** What the area of listings says. */
export const { t, rich } = catalogue('listings', en)
