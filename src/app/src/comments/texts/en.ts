import queue from './queue/en'
import rules from './rules/en'
import threads from './threads/en'

export default { ...queue, ...rules, ...threads }
