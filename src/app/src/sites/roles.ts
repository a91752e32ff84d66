import type { Schemas } from '../api'
import { t } from './texts'
import { inSentence } from '../texts'

/** The roles of a site by their names on the screen. */
export const roles: { value: Schemas['SiteRole']; title: string }[] = [
  { value: 'owner', title: t('owner') },
  { value: 'editor', title: t('editor') },
  { value: 'moderator', title: t('moderator') },
  { value: 'contributor', title: t('writer') },
]

/** Name of a role within a sentence. */
export const roleName = (role: Schemas['SiteRole']): string =>
  inSentence(roles.find((one) => one.value === role)!.title)
