import { catalogue } from '../../texts'
import en from './en'

/** What the area of pictures says. */
export const { t, rich } = catalogue('pictures', en)
