import { catalogue } from '../../texts'
import en from './en'

/** What the area of referrals says. */
export const { t, rich } = catalogue('referrals', en)
