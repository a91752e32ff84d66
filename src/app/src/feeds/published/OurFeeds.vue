<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { CopyButton } from '../../shared'
import FeedSettings from './FeedSettings.vue'
import HealthLine from './HealthLine.vue'
import OurFeedRow from './OurFeedRow.vue'
import { t } from '../texts'

const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const { data, error, isPending } = useQuery({
  queryKey: ['feeds', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/feeds/all', { params: { path: { site: props.siteId } } })),
})
const groups = computed(() =>
  (
    [
      ['blog', t('blogs')],
      ['listing', t('listings')],
      ['comments', t('comments')],
    ] as const
  )
    .map(([subject, name]) => ({ name, feeds: data.value?.feeds.filter((feed) => feed.subject === subject) ?? [] }))
    .filter((group) => group.feeds.length > 0),
)
const setting = ref<Schemas['OwnFeedView'] | null>(null)
</script>

<template>
  <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="waiting">{{ t('readingFeeds') }}</p>
  <template v-else-if="data">
    <HealthLine :site-id="props.siteId" />
    <section v-for="group in groups" :key="group.name">
      <h2 class="group">{{ group.name }}</h2>
      <OurFeedRow
        v-for="feed in group.feeds"
        :key="feed.rss"
        :feed="feed"
        :site-id="props.siteId"
        :may-edit="props.mayEdit"
        @set="setting = feed"
      />
    </section>
    <div class="row small all">
      <span class="soft">{{ t('allFeedsOpml') }}</span><a
        class="address"
        :href="data.listAddress"
        target="_blank"
        rel="noopener"
        >{{ data.listAddress }}</a
      ><CopyButton :text="data.listAddress" :label="t('copyAddressList')" />
    </div>
  </template>
  <FeedSettings v-if="setting" :feed="setting" :site-id="props.siteId" @close="setting = null" />
</template>

<style scoped>
.all {
  padding: 16px 0;
}
</style>
