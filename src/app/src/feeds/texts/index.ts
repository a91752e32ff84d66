import { catalogue } from '../../texts'
import en from './en'

/** What the area of feeds says. */
export const { t, rich } = catalogue('feeds', en)
