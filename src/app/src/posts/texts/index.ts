import { catalogue } from '../../texts'
import en from './en'

/** What the area of posts says. */
export const { t, rich } = catalogue('posts', en)
