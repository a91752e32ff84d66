import { catalogue } from '../../texts'
import en from './en'

/** What the area of accounts says. */
export const { t, rich } = catalogue('accounts', en)
