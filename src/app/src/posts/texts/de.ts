import type { Translated } from '../../texts'
import type en from './en'
import editor from './editor/de'
import list from './list/de'

const de: Translated<typeof en> = { ...editor, ...list }

export default de
