<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api'
import FollowedPart from './followed/FollowedPart.vue'
import { NoticeList } from '../notices'
import OurFeeds from './published/OurFeeds.vue'
import PartnerFeeds from './published/PartnerFeeds.vue'
import { PageTitle, useQueryValue, useSite } from '../shared'
import WatchedPart from './monitoring/WatchedPart.vue'
import { t } from './texts'

const { id, site, mayEdit } = useSite()
const tab = useQueryValue('tab')
const path = () => ({ params: { path: { site: id.value } } })
const ours = useQuery({ queryKey: ['feeds', id], queryFn: () => take(api.GET('/api/sites/{site}/feeds/all', path())) })
const followed = useQuery({
  queryKey: ['followed', id],
  queryFn: () => take(api.GET('/api/sites/{site}/followed', path())),
})
const watched = useQuery({
  queryKey: ['watched', id],
  queryFn: () => take(api.GET('/api/sites/{site}/watched', path())),
})
const troubled = computed(
  () => followed.data.value?.filter((feed) => feed.state.problem && feed.standing === 'active').length ?? 0,
)
const bad = computed(() => watched.data.value?.filter((feed) => feed.isGood === false).length ?? 0)
const state = computed(() => {
  const parts = [
    `${t('publishedFeeds', { feeds: ours.data.value?.feeds.length ?? 0 })}`,
    t('dataFollowed', { feeds: followed.data.value?.length ?? 0 }),
    t('dataMonitored', { feeds: watched.data.value?.length ?? 0 }),
  ]
  const trouble = [
    troubled.value ? t('followedFeedsFailing', { troubled: troubled.value }) : '',
    bad.value ? t('monitoredFeedsHaveErrors', { bad: bad.value }) : '',
  ].filter(Boolean)
  return { calm: `${parts.join(', ')}.`, trouble: trouble.length ? `${trouble.join(', ')}.` : '' }
})
const tabs = computed(() => [
  { value: '', name: t('ourFeeds'), count: ours.data.value?.feeds.length },
  { value: 'partners', name: t('partnerFeeds'), count: undefined },
  { value: 'followed', name: t('followedFeeds'), count: followed.data.value?.length },
  { value: 'watched', name: t('monitoredFeeds'), count: watched.data.value?.length },
])
</script>

<template>
  <PageTitle :title="t('feeds')">
    <template #state
      >{{ state.calm }} <b v-if="state.trouble" class="m">{{ state.trouble }}</b></template
    >
    <template #act
      ><v-btn v-if="mayEdit" variant="outlined" :to="`/s/${id}/connect`">{{ t('followFeed') }}</v-btn
      ><v-btn :to="`/s/${id}/feeds/check`">{{ t('checkFeed2') }}</v-btn></template
    >
  </PageTitle>
  <div class="work">
    <NoticeList class="told" :site-id="id" :may-edit="mayEdit" />
    <div class="tabs" role="tablist" :aria-label="t('feeds')">
      <button
        v-for="one in tabs"
        :key="one.value"
        role="tab"
        :aria-selected="tab === one.value"
        :class="{ on: tab === one.value }"
        @click="tab = one.value"
      >
        {{ one.name }} <span class="soft">{{ one.count }}</span>
      </button>
    </div>
    <FollowedPart v-if="tab === 'followed'" :site-id="id" :zone="site?.timeZone" :may-edit="mayEdit" />
    <PartnerFeeds v-else-if="tab === 'partners'" :site-id="id" :zone="site?.timeZone" :may-edit="mayEdit" />
    <WatchedPart v-else-if="tab === 'watched'" :site-id="id" :zone="site?.timeZone" :may-edit="mayEdit" />
    <OurFeeds v-else :site-id="id" :may-edit="mayEdit" />
  </div>
</template>

<style scoped>
.told {
  margin-top: 12px;
}
</style>
