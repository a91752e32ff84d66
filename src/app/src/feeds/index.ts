export { feedFormats, verdicts } from './words'
