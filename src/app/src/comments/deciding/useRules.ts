import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { conditions } from '../words'

type Rule = Schemas['CommentRule']

/** What a rule begins as: the condition that is wanted most, and a hold. */
const freshRule = (): Rule => ({
  condition: 'linksAtLeast',
  number: conditions.linksAtLeast.usual,
  words: [],
  act: 'wait',
  message: null,
  blogs: null,
})

/** A rule of its own, so that editing it leaves what is stored. */
const copyOf = (rule: Rule): Rule => ({ ...rule, words: [...rule.words], blogs: rule.blogs && [...rule.blogs] })

/** The rules of a site while they are edited, tried and saved. */
export function useRules(site: Ref<number>) {
  const queries = useQueryClient()
  const act = useAct()
  const path = () => ({ params: { path: { site: site.value } } })
  const query = useQuery({
    queryKey: ['comment-rules', site],
    queryFn: () => take(api.GET('/api/sites/{site}/comments/rules', path())),
  })
  const rules = ref<Rule[]>([])
  const trial = ref<Schemas['RulesTrial']>()
  watch(query.data, (stored) => stored && (rules.value = stored.map(copyOf)), { immediate: true })
  watch(rules, () => (trial.value = undefined), { deep: true })
  const dirty = computed(() => JSON.stringify(rules.value) !== JSON.stringify(query.data.value ?? []))

  const add = () => rules.value.push(freshRule())
  const remove = (at: number) => rules.value.splice(at, 1)

  function move(at: number, by: number): void {
    const [rule] = rules.value.splice(at, 1)
    rules.value.splice(at + by, 0, rule!)
  }

  async function tryOut(): Promise<void> {
    const found = await act.run(() =>
      take(api.POST('/api/sites/{site}/comments/rules/trial', { ...path(), body: { rules: rules.value } })),
    )
    if (found) trial.value = found
  }

  async function save(): Promise<boolean> {
    const saved = await act.run(() =>
      take(api.PUT('/api/sites/{site}/comments/rules', { ...path(), body: { rules: rules.value } })),
    )
    if (saved) queries.setQueryData(['comment-rules', site.value], saved)
    return saved !== undefined
  }

  return {
    query,
    rules,
    dirty,
    trial,
    act,
    add,
    remove,
    move,
    tryOut,
    save,
  }
}
