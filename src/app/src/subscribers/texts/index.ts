import { catalogue } from '../../texts'
import en from './en'

/** What the area of subscribers says. */
export const { t, rich } = catalogue('subscribers', en)
