import { catalogue } from '../../texts'
import en from './en'

/** What the area of notices says. */
export const { t, rich } = catalogue('notices', en)
