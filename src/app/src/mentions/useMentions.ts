import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { decided, useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** The mentions of a choice, page by page. */
function useMentionList(site: () => number, choice: Ref<string>) {
  const wanted = computed(() => (choice.value || 'waiting') as Schemas['MentionChoice'])
  const list = useInfiniteQuery({
    queryKey: ['mentions', site, wanted],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/sites/{site}/mentions', {
          params: { path: { site: site() }, query: { choice: wanted.value, before: pageParam || undefined } },
        }),
      ),
    initialPageParam: 0,
    getNextPageParam: (page) => page.next ?? undefined,
    refetchInterval: 5_000,
  })
  const mentions = computed(() => list.data.value?.pages.flatMap((page) => page.mentions) ?? [])
  const counts = computed(() => list.data.value?.pages[0]?.counts)
  return { wanted, list, mentions, counts }
}

/** Mentions of a choice, and what is done with them. A mention is decided as the comment it is kept as. */
export function useMentions(site: () => number, choice: Ref<string>) {
  const act = useAct()
  const { say } = useNotice()
  const { wanted, list, mentions, counts } = useMentionList(site, choice)
  const refresh = useRefresh('mentions', 'comments', 'conversation', 'sites', 'coverage', 'comment-marks')

  const send = (one: Schemas['MentionView'], standing: Schemas['CommentStanding'], seen: Schemas['CommentStanding']) =>
    take(
      api.POST('/api/sites/{site}/comments/{comment}/decision', {
        params: { path: { site: site(), comment: one.commentId! } },
        body: { standing, seen },
      }),
    )

  /** Decides, with a way back. */
  async function decide(one: Schemas['MentionView'], standing: Schemas['CommentStanding']): Promise<void> {
    const before = one.standing!
    const done = await act.run(() => send(one, standing, before))
    if (done)
      say(`${decided[standing]}: ${one.author}.`, () => void act.run(() => send(one, before, standing)).then(refresh))
    await refresh()
  }

  /** Bans the host, and puts aside what else came from it. */
  async function ban(one: Schemas['MentionView']): Promise<void> {
    const body = { mark: 'banned', by: 'host', host: one.host, past: 'spam', until: null } as const
    const done = await act.run(() =>
      take(
        api.POST('/api/sites/{site}/comments/{comment}/mark', {
          params: { path: { site: site(), comment: one.commentId! } },
          body,
        }),
      ),
    )
    if (done) say(t('hostBannedItsMentions', { host: one.host }))
    await refresh()
  }

  /** Has the page read again. */
  async function read(one: Schemas['MentionView']): Promise<void> {
    await act.run(() =>
      take(
        api.POST('/api/sites/{site}/mentions/{mention}/read', { params: { path: { site: site(), mention: one.id } } }),
      ),
    )
    if (!act.trouble.value) say(t('fetchingPageAgain'))
    await refresh()
  }

  return { wanted, list, mentions, counts, decide, ban, read, act }
}
