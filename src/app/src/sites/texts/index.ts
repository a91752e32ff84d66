import { catalogue } from '../../texts'
import en from './en'

/** What the area of sites says. */
export const { t, rich } = catalogue('sites', en)
