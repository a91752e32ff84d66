import type { Schemas } from '../api'

/** The roles of a site by their names on the screen. */
export const roles: { value: Schemas['SiteRole']; title: string }[] = [
  { value: 'owner', title: 'Owner' },
  { value: 'editor', title: 'Editor' },
  { value: 'moderator', title: 'Moderator' },
  { value: 'contributor', title: 'Writer' },
]

/** Name of a role within a sentence. */
export const roleName = (role: Schemas['SiteRole']): string =>
  roles.find((one) => one.value === role)!.title.toLowerCase()
