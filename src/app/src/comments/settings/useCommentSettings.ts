import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch, type Ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'

type Settings = Schemas['CommentSettings']

/** A layer laid over one outside it: what it does not say is as there. */
export const laidOver = (outer: Settings, inner: Settings): Settings => ({
  ...outer,
  ...Object.fromEntries(Object.entries(inner).filter(([, value]) => value !== null)),
})

/** The layers of how comments are taken, and the one that is edited. */
export function useCommentSettings(site: Ref<number>, layer: Ref<string>) {
  const queries = useQueryClient()
  const act = useAct()
  const path = () => ({ params: { path: { site: site.value } } })
  const query = useQuery({
    queryKey: ['comment-settings', site],
    queryFn: () => take(api.GET('/api/sites/{site}/comments/settings', path())),
  })
  const blog = computed(() => query.data.value?.blogs.find((blog) => String(blog.id) === layer.value))
  const stored = computed<Settings | undefined>(() => (blog.value ? blog.value.settings : query.data.value?.site))
  /** What holds where this layer says nothing. */
  const outside = computed<Settings | undefined>(() => {
    const all = query.data.value
    if (!all) return undefined
    return blog.value ? laidOver(all.usual, all.site) : all.usual
  })
  const own = ref<Settings>({} as Settings)
  watch(stored, (now) => now && (own.value = { ...now }), { immediate: true })
  const dirty = computed(() => JSON.stringify(own.value) !== JSON.stringify(stored.value))

  async function save(): Promise<boolean> {
    const body = { blogId: blog.value?.id ?? null, settings: own.value }
    const saved = await act.run(() => take(api.PUT('/api/sites/{site}/comments/settings', { ...path(), body })))
    if (!saved) return false
    queries.setQueryData(['comment-settings', site.value], saved)
    await queries.invalidateQueries({ queryKey: ['coverage'] })
    return true
  }

  return { query, blog, own, outside, dirty, act, save }
}
