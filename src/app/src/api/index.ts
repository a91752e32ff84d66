export { api, take, useAntiforgery, type Schemas } from './client'
export { Problem, lineOf } from './problem'
export { upload } from './upload'
