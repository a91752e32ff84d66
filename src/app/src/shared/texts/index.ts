import { catalogue } from '../../texts'
import en from './en'

/** What the area of shared says. */
export const { t, rich } = catalogue('shared', en)
