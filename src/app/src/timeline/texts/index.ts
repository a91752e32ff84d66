import { catalogue } from '../../texts'
import en from './en'

/** What the area of timeline says. */
export const { t, rich } = catalogue('timeline', en)
