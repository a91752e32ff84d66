import { catalogue } from '../../texts'
import en from './en'

/** What the area of frame says. */
export const { t, rich } = catalogue('frame', en)
