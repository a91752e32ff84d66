import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { api, take, type Schemas } from '../api/client'
import { useAct } from '../shared/useAct'

type Status = Schemas['PostStatus']

const blank = (): Schemas['PostRequest'] => ({
  blogId: 0,
  title: '',
  slug: null,
  bodyHtml: '',
  excerpt: null,
  pictureAddress: null,
  pictureAlt: null,
  author: null,
  category: null,
  tags: [],
  isFeatured: false,
  status: 'draft',
  revision: 0,
  focusX: 50,
  focusY: 50,
  aboutAddress: null,
})

/** A post being written: what is stored, what is on the screen, and saving. Drafts save by themselves. */
export function usePost(site: () => number) {
  const route = useRoute()
  const router = useRouter()
  const queries = useQueryClient()
  const id = ref(route.params.post ? Number(route.params.post) : null)
  const stored = ref<Schemas['PostView'] | null>(null)
  const post = reactive(blank())
  const saved = ref('')
  const act = useAct()
  const { data: blogs } = useQuery({
    queryKey: ['blogs', site],
    queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: site() } } })),
  })
  const loaded = useQuery({
    queryKey: ['post', site, id],
    queryFn: () => take(api.GET('/api/sites/{site}/posts/{post}', { params: { path: { site: site(), post: id.value! } } })),
    enabled: () => id.value !== null && stored.value === null,
    staleTime: 0,
  })
  const dirty = computed(() => JSON.stringify(post) !== saved.value)
  const readonly = computed(() => stored.value !== null && !stored.value.writtenHere)

  function takeOver(view: Schemas['PostView']): void {
    stored.value = view
    const {
      blogId,
      title,
      slug,
      bodyHtml,
      excerpt,
      pictureAddress,
      pictureAlt,
      author,
      category,
      tags,
      isFeatured,
      status,
      revision,
      focusX,
      focusY,
      aboutAddress,
    } = view
    Object.assign(post, {
      blogId,
      title,
      slug,
      bodyHtml,
      excerpt,
      pictureAddress,
      pictureAlt,
      author,
      category,
      tags: [...tags],
      isFeatured,
      status,
      revision,
      focusX,
      focusY,
      aboutAddress,
    })
    saved.value = JSON.stringify(post)
  }

  watch(loaded.data, (view) => view && stored.value === null && takeOver(view), { immediate: true })
  watch(
    blogs,
    (all) => {
      if (post.blogId === 0 && id.value === null) post.blogId = all?.find((blog) => blog.writtenHere)?.id ?? 0
      if (id.value === null && !saved.value) saved.value = JSON.stringify(post)
    },
    { immediate: true },
  )

  /** Saves under a status; what is typed while the answer is on its way stays. */
  async function save(status: Status = post.status): Promise<boolean> {
    const sent = { ...post, status }
    const typed = JSON.stringify(post)
    const path = { site: site() }
    const view = await act.run(() =>
      id.value === null
        ? take(api.POST('/api/sites/{site}/posts', { params: { path }, body: sent }))
        : take(api.PUT('/api/sites/{site}/posts/{post}', { params: { path: { ...path, post: id.value } }, body: sent })),
    )
    if (!view) return false
    const isFirst = id.value === null
    id.value = view.id
    if (JSON.stringify(post) === typed) takeOver(view)
    else Object.assign(post, { revision: view.revision, status: view.status, slug: view.slug })
    stored.value = view
    if (isFirst) window.history.replaceState(window.history.state, '', router.resolve({ name: 'post', params: { site: site(), post: view.id } }).href)
    for (const key of ['posts', 'coverage', 'blogs']) void queries.invalidateQueries({ queryKey: [key] })
    return true
  }

  // Published text changes for readers only when the writer says so.
  let timer = 0
  watch(
    () => JSON.stringify(post),
    () => {
      window.clearTimeout(timer)
      if (post.status !== 'draft' || !dirty.value || !post.title.trim() || post.blogId === 0 || readonly.value) return
      timer = window.setTimeout(() => void (act.running.value || save()), 1500)
    },
  )
  useEventListener(window, 'beforeunload', (event) => dirty.value && !readonly.value && event.preventDefault())
  onBeforeRouteLeave(() => {
    window.clearTimeout(timer)
    return !dirty.value || readonly.value || window.confirm('There are changes that are not saved. Leave all the same?')
  })

  return { id, post, stored, blogs, dirty, readonly, save, act, loading: loaded.isLoading, failed: loaded.error }
}
