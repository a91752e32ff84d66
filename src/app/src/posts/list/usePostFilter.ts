import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Schemas } from '../../api'
import { shortDate } from '../../shared'
import { statuses } from '../status'
import { t } from '../texts'
import type { usePostList } from './usePostList'

type Narrow = ReturnType<typeof usePostList>['narrow']

const standings = [
  ...Object.entries(statuses).map(([value, { name }]) => ({ value, title: name })),
  { value: 'bin', title: t('inTheBin') },
]
const dayOf = (day: string) => shortDate(`${day}T12:00:00`)

/** The filter of the list as a person sees it: what can be chosen, and what is set, said so that it can be taken off. */
export function usePostFilter(narrow: Narrow, sources: () => Schemas['BlogView'][] | undefined) {
  const router = useRouter()
  const blogs = computed(() => (sources() ?? []).map((one) => ({ title: one.name, value: String(one.id) })))
  const titleOf = (value: string, among: { value: string; title: string }[]) =>
    among.find((one) => one.value === value)?.title ?? value

  /** Several filters in one step, so that none of them overtakes another. */
  function change(values: Partial<Record<keyof Narrow, string>>): void {
    const changed = Object.fromEntries(Object.entries(values).map(([name, value]) => [name, value || undefined]))
    void router.replace({ query: { ...router.currentRoute.value.query, ...changed } })
  }

  /** Posts in the bin stand where those of any status do not: one choice on the screen, two names in the address. */
  const standing = computed({
    get: () => (narrow.bin.value === 'yes' ? 'bin' : narrow.status.value || null),
    set: (value: string | null) =>
      change({ status: value === 'bin' ? '' : (value ?? ''), bin: value === 'bin' ? 'yes' : '' }),
  })

  /** A filter as a field takes it, which shows no way to clear where nothing is chosen. */
  const fieldOf = (name: keyof Narrow) =>
    computed({
      get: () => narrow[name].value || null,
      set: (value: string | null) => (narrow[name].value = value ?? ''),
    })
  const fields = {
    blog: fieldOf('blog'),
    author: fieldOf('author'),
    category: fieldOf('category'),
    tag: fieldOf('tag'),
    from: fieldOf('from'),
    to: fieldOf('to'),
  }

  const set = computed(() => {
    const { blog, author, category, tag, from, to, findings, import: made } = narrow
    const lines: { name: string; value: string; of: (keyof Narrow)[] }[] = [
      { name: t('status'), value: titleOf(standing.value ?? '', standings), of: ['status', 'bin'] },
      { name: t('blog'), value: titleOf(blog.value, blogs.value), of: ['blog'] },
      { name: t('author'), value: author.value, of: ['author'] },
      { name: t('category'), value: category.value, of: ['category'] },
      { name: t('tag'), value: tag.value, of: ['tag'] },
      { name: t('from'), value: from.value && dayOf(from.value), of: ['from'] },
      { name: t('until'), value: to.value && dayOf(to.value), of: ['to'] },
      { name: t('import'), value: made.value && t('importNumber', { number: made.value }), of: ['import'] },
      { name: t('issues'), value: findings.value && t('issuesOnly'), of: ['findings'] },
    ]
    return lines.filter((one) => one.value)
  })
  const remove = (names: (keyof Narrow)[]) => change(Object.fromEntries(names.map((name) => [name, ''])))
  const removeAll = () => remove(set.value.flatMap((one) => one.of))

  return { blogs, standings, standing, fields, set, remove, removeAll }
}
