import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useEventListener } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { useAct } from '../shared'

type Status = Schemas['PostStatus']
type Draft = Required<Schemas['PostRequest']> & {
  tags: string[]
  moreCategories: string[]
  details: Schemas['PostDetails']
  ownValues: Schemas['FieldValue'][]
}

const noDetails = (): Schemas['PostDetails'] => ({
  searchTitle: null,
  searchDescription: null,
  canonicalAddress: null,
  socialTitle: null,
  socialText: null,
  language: null,
  hiddenFromSearch: false,
  commentsOff: false,
  commentsCloseAt: null,
  mentionsOff: false,
  socialPicture: null,
  listingPicture: null,
})

const blank = (): Draft => ({
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
  isPinned: false,
  details: noDetails(),
  ownValues: [],
  publishedAt: null,
  publishLocal: null,
  reviewerId: null,
  reviewNote: null,
  moreCategories: [],
})

/** A post being written: what is stored, what is on the screen, and saving. Drafts save by themselves; changes to a public post are kept beside it until they are published. */
export function usePost(site: () => number) {
  const route = useRoute()
  const router = useRouter()
  const queries = useQueryClient()
  const id = ref(route.params.post ? Number(route.params.post) : null)
  const stored = ref<Schemas['PostView'] | null>(null)
  const waiting = ref<Schemas['WaitingView'] | null>(null)
  const post = reactive(blank())
  const saved = ref('')
  const kept = ref('')
  const act = useAct()
  const path = () => ({ params: { path: { site: site(), post: id.value! } } })
  const { data: blogs } = useQuery({
    queryKey: ['blogs', site],
    queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: site() } } })),
  })
  const loaded = useQuery({
    queryKey: ['post', site, id],
    queryFn: async () => ({
      view: await take(api.GET('/api/sites/{site}/posts/{post}', path())),
      waiting: (await take(api.GET('/api/sites/{site}/posts/{post}/waiting', path()))) as Schemas['WaitingView'] | undefined,
    }),
    enabled: () => id.value !== null && stored.value === null,
    staleTime: 0,
  })
  const dirty = computed(() => JSON.stringify(post) !== saved.value)
  const readonly = computed(() => stored.value !== null && !stored.value.writtenHere)
  const isKept = computed(() => JSON.stringify(post) === kept.value)

  /** Takes what the server holds. The text in the editor is left alone where it was just sent: taking over its cleaned form would move the cursor. */
  function takeOver(view: Schemas['PostView'], withText = true): void {
    stored.value = view
    const names = (Object.keys(blank()) as (keyof Draft)[]).filter((name) => withText || name !== 'bodyHtml')
    for (const name of names) Object.assign(post, { [name]: JSON.parse(JSON.stringify(view[name as keyof Schemas['PostView']])) })
    saved.value = JSON.stringify(post)
  }

  watch(
    loaded.data,
    (found) => {
      if (!found || stored.value !== null) return
      takeOver(found.view)
      waiting.value = found.waiting ?? null
      if (!found.waiting || found.view.status !== 'published') return
      Object.assign(post, found.waiting.content, { revision: found.view.revision, status: found.view.status })
      kept.value = JSON.stringify(post)
    },
    { immediate: true },
  )
  watch(
    blogs,
    (all) => {
      if (post.blogId === 0 && id.value === null) post.blogId = all?.find((blog) => blog.writtenHere)?.id ?? 0
      if (id.value === null && !saved.value) saved.value = JSON.stringify(post)
    },
    { immediate: true },
  )

  /** Saves under a status; what is typed while the answer is on its way stays. */
  async function save(status: Status = post.status, extra: Partial<Draft> = {}): Promise<boolean> {
    window.clearTimeout(timer)
    // The date of a schedule is no date of publication; the server knows the one a post had.
    const sent = { ...post, publishedAt: post.status === 'published' ? post.publishedAt : null, ...extra, status }
    const typed = JSON.stringify(post)
    const view = await act.run(() =>
      id.value === null
        ? take(api.POST('/api/sites/{site}/posts', { params: { path: { site: site() } }, body: sent }))
        : take(api.PUT('/api/sites/{site}/posts/{post}', { ...path(), body: sent })),
    )
    if (!view) return false
    const isFirst = id.value === null
    id.value = view.id
    if (JSON.stringify(post) === typed) takeOver(view, false)
    else Object.assign(post, { revision: view.revision, status: view.status, slug: view.slug })
    stored.value = view
    waiting.value = null
    if (isFirst) window.history.replaceState(window.history.state, '', router.resolve({ name: 'post', params: { site: site(), post: view.id } }).href)
    for (const key of ['posts', 'coverage', 'blogs', 'calendar']) void queries.invalidateQueries({ queryKey: [key] })
    return true
  }

  /** Keeps changes to a public post beside it. */
  async function keep(): Promise<void> {
    const typed = JSON.stringify(post)
    const done = await act.run(async () => (await take(api.PUT('/api/sites/{site}/posts/{post}/waiting', { ...path(), body: { ...post } })), true))
    if (done) kept.value = typed
  }

  /** Forgets the changes that wait, and shows what readers see. */
  async function dropWaiting(): Promise<void> {
    window.clearTimeout(timer)
    await act.run(() => take(api.DELETE('/api/sites/{site}/posts/{post}/waiting', path())))
    waiting.value = null
    kept.value = ''
    if (stored.value) takeOver(stored.value)
  }

  // Published text changes for readers only when the writer says so.
  let timer = 0
  watch(
    () => JSON.stringify(post),
    (now) => {
      window.clearTimeout(timer)
      if (!dirty.value || !post.title.trim() || post.blogId === 0 || readonly.value) return
      if (post.status === 'published' && id.value !== null && now !== kept.value) timer = window.setTimeout(() => void keep(), 1500)
      if (post.status === 'draft' || post.status === 'inReview') timer = window.setTimeout(() => void (act.running.value || save()), 1500)
    },
  )
  const isSafe = () => !dirty.value || readonly.value || isKept.value
  useEventListener(window, 'beforeunload', (event) => !isSafe() && event.preventDefault())
  onBeforeRouteLeave(() => {
    window.clearTimeout(timer)
    return isSafe() || window.confirm('There are changes that are not saved. Leave all the same?')
  })

  return { id, post, stored, waiting, blogs, dirty, isKept, readonly, save, dropWaiting, act, loading: loaded.isLoading, failed: loaded.error }
}
