import { catalogue } from '../../texts'
import en from './en'

/** What the area of comments says. */
export const { t, rich } = catalogue('comments', en)
