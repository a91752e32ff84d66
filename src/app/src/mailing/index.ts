export { rhythmWords } from './rhythm'
