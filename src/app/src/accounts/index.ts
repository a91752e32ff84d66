export { currentPerson, readSession } from './readSession'
