import { catalogue } from '../../texts'
import en from './en'

/** What the area of mailing says. */
export const { t, rich } = catalogue('mailing', en)
