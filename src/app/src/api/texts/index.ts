import { catalogue } from '../../texts'
import en from './en'

/** What the area of api says. */
export const { t, rich } = catalogue('api', en)
