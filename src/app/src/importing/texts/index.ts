import { catalogue } from '../../texts'
import en from './en'

/** What the area of importing says. */
export const { t, rich } = catalogue('importing', en)
