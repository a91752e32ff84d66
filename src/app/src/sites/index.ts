export { roleName } from './roles'
