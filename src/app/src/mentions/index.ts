export { mentionWords } from './words'
