<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { useAct, useNotice, useQueryValue, useRefresh } from '../../shared'
import FollowedRow from './FollowedRow.vue'
import SubscriptionList from './SubscriptionList.vue'
import { t } from '../texts'

type Feed = Schemas['FollowedFeedView']
const props = defineProps<{ siteId: number; zone?: string; mayEdit: boolean }>()
const { data, error, isPending } = useQuery({
  queryKey: ['followed', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/followed', { params: { path: { site: props.siteId } } })),
  refetchInterval: 10_000,
})
const opened = useQueryValue('blog')
const busy = ref(0)
const act = useAct()
const { say } = useNotice()
const params = (feed: Feed) => ({ params: { path: { site: props.siteId, blog: feed.blog } } })

const reload = useRefresh('followed', 'blogs', 'posts', 'coverage')

async function visit(feed: Feed): Promise<void> {
  busy.value = feed.blog
  const view = await act.run(() => take(api.POST('/api/sites/{site}/followed/{blog}/visit', params(feed))))
  busy.value = 0
  const last = view?.visits.at(-1)
  if (view && last)
    say(
      last.problem ??
        (last.newEntries
          ? t('newentriesNewFromName', { newEntries: last.newEntries, name: feed.name })
          : t('nothingNewFromName', { name: feed.name })),
    )
  await reload()
}

async function set(feed: Feed, way: 'pause' | 'resume'): Promise<void> {
  const path = way === 'pause' ? '/api/sites/{site}/followed/{blog}/pause' : '/api/sites/{site}/followed/{blog}/resume'
  const done = await act.run(() => take(api.POST(path, params(feed))))
  if (done)
    say(way === 'pause' ? t('namePausedItsPosts', { name: feed.name }) : t('nameResumed', { name: feed.name }), () =>
      set(feed, way === 'pause' ? 'resume' : 'pause'),
    )
  await reload()
}
</script>

<template>
  <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="waiting">{{ t('readingFeeds') }}</p>
  <div v-else-if="data?.length === 0" class="empty">
    <h2>{{ t('noFeedFollowedYet') }}</h2>
    <p>
      {{ t('followExistingBlogEnter') }}
    </p>
    <v-btn v-if="props.mayEdit" :to="`/s/${props.siteId}/connect`">{{ t('followFeed') }}</v-btn>
  </div>
  <template v-else>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <FollowedRow
      v-for="feed in data"
      :key="feed.blog"
      :open="opened === String(feed.blog)"
      :feed="feed"
      :site-id="props.siteId"
      :zone="props.zone"
      :may-edit="props.mayEdit"
      :busy="busy === feed.blog"
      @update:open="opened = $event ? String(feed.blog) : ''"
      @visit="visit(feed)"
      @pause="set(feed, 'pause')"
      @resume="set(feed, 'resume')"
    />
  </template>
  <SubscriptionList class="list" :site-id="props.siteId" :may-edit="props.mayEdit" />
</template>

<style scoped>
.list {
  padding: 16px 0;
}
</style>
