<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { t } from '../texts'

/** Whether our own feeds are valid, as they are published now; those that are not, with what is wrong. */
const props = defineProps<{ siteId: number }>()
const { data, error, isPending, isFetching, refetch } = useQuery({
  queryKey: ['feeds', 'health', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/feeds/health', { params: { path: { site: props.siteId } } })),
  staleTime: 300_000,
})
const faulty = computed(
  () => data.value?.filter((feed) => feed.verdict === 'invalid' || feed.verdict === 'notAFeed') ?? [],
)
const warned = computed(() => data.value?.filter((feed) => feed.verdict === 'validWithWarnings') ?? [])
/** Feeds, however many of their formats are meant. */
const feeds = (formats: Schemas['FeedHealthView'][]) =>
  new Set(formats.map((feed) => `${feed.subject} ${feed.subjectId}`)).size
const check = (address: string) => ({ path: `/s/${props.siteId}/feeds/check`, query: { url: address } })
</script>

<template>
  <div class="health" role="status">
    <span v-if="error" class="m">{{ t('healthUnknown', { why: lineOf(error) }) }}</span>
    <span v-else-if="isPending" class="soft">{{ t('checkingOurFeeds') }}</span>
    <template v-else-if="data">
      <b v-if="faulty.length" class="m">{{ t('ourFeedsFaulty', { faulty: feeds(faulty) }) }}</b>
      <b v-else-if="warned.length" class="o">{{ t('ourFeedsWarned', { warned: feeds(warned) }) }}</b>
      <b v-else class="v">{{ t('ourFeedsValid') }}</b>
      <button type="button" class="link small" :disabled="isFetching" @click="refetch()">
        {{ isFetching ? t('checking') : t('checkAgain') }}
      </button>
      <ul v-if="faulty.length + warned.length" class="small">
        <li v-for="feed in [...faulty, ...warned]" :key="feed.address">
          <router-link class="link" :to="check(feed.address)">{{ feed.title }} ({{ feed.form }})</router-link>
          {{ feed.finding }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.health {
  padding: 14px 0 2px;
}
.health b {
  font-weight: 600;
}
.health > .link {
  margin-left: 12px;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
li {
  padding: 4px 0;
}
</style>
