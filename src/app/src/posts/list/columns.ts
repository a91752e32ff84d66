import { useStorage } from '@vueuse/core'

/** What the list can show beside titles. */
export const columns = {
  status: 'Status',
  blog: 'Blog',
  author: 'Author',
  category: 'Category',
  tags: 'Tags',
  date: 'Date',
  changed: 'Last edited',
  findings: 'Issues',
} as const

export type Column = keyof typeof columns

/** The columns somebody chose, remembered in this browser. */
export function useColumns() {
  return useStorage<Column[]>('antiphon-post-columns', ['status', 'blog', 'author', 'category', 'date', 'findings'])
}
