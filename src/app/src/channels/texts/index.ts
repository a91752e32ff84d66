import { catalogue } from '../../texts'
import en from './en'

/** What the area of channels says. */
export const { t, rich } = catalogue('channels', en)
