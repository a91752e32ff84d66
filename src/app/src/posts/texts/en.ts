import editor from './editor/en'
import list from './list/en'

export default { ...editor, ...list }
