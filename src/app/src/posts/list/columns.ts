import { useStorage } from '@vueuse/core'
import { t } from '../texts'

/** What the list can show beside titles. */
export const columns = {
  status: t('status'),
  blog: t('blog'),
  author: t('author'),
  category: t('category'),
  tags: t('tags'),
  date: t('date'),
  changed: t('lastEdited'),
  findings: t('issues'),
} as const

export type Column = keyof typeof columns

/** The columns somebody chose, remembered in this browser. */
export function useColumns() {
  return useStorage<Column[]>('antiphon-post-columns', ['status', 'blog', 'author', 'category', 'date', 'findings'])
}
