import type { Translated } from '../../texts'
import type en from './en'
import queue from './queue/de'
import rules from './rules/de'
import threads from './threads/de'

const de: Translated<typeof en> = { ...queue, ...rules, ...threads }

export default de
