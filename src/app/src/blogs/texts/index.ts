import { catalogue } from '../../texts'
import en from './en'

/** What the area of blogs says. */
export const { t, rich } = catalogue('blogs', en)
