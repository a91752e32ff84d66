<script setup lang="ts">
import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { ChannelTabs, PageTitle, useQueryValue, useSite } from '../shared'
import DigestLines from './DigestLines.vue'
import EditionLine from './EditionLine.vue'
import EditionPanel from './EditionPanel.vue'
import { t } from './texts'

const { id, site, mayEdit } = useSite()
const picked = useQueryValue('edition')
const path = () => ({ site: id.value })
const digests = useQuery({
  queryKey: ['digests', id],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/digests', { params: { path: path() } })),
})
const { data, error, isPending, hasNextPage, fetchNextPage } = useInfiniteQuery({
  queryKey: ['editions', id],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/channels/editions', {
        params: { path: path(), query: { before: pageParam || undefined } },
      }),
    ),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
  refetchInterval: 2_000,
})
const editions = computed(() => data.value?.pages.flatMap((page) => page.editions) ?? [])
const open = computed(() => editions.value.reduce((sum, one) => sum + one.open, 0))
const failed = computed(() => editions.value.reduce((sum, one) => sum + one.failed, 0))
</script>

<template>
  <PageTitle :title="t('email')">
    <template #state v-if="data"
      >{{ t('digests', { digests: digests.data.value?.length ?? 0 }) }}.
      {{ open ? t('emailsBeingSent', { open }) : t('nothingBeingSent') }}
      <b v-if="failed" class="m">{{ t('mailsFailed', { failed }) }}</b></template
    >
    <template #act
      ><v-btn variant="text" :to="`/s/${id}/readers`">{{ t('subscribers') }}</v-btn
      ><v-btn v-if="mayEdit" :to="`/s/${id}/channels/mail/new`">{{ t('newDigest') }}</v-btn></template
    >
  </PageTitle>
  <ChannelTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="work waiting">{{ t('loading') }}</p>
  <div v-else class="work split">
    <div class="list" :class="{ away: picked }">
      <DigestLines v-if="digests.data.value" :digests="digests.data.value" :site-id="id" :zone="site?.timeZone" />
      <h2 class="group">{{ t('sentEmails') }}</h2>
      <div v-if="editions.length === 0" class="empty">
        <h3>{{ t('nothingYet') }}</h3>
        <p>
          {{ t('whenPostPublishedDigest') }}
        </p>
      </div>
      <EditionLine
        v-for="one in editions"
        :key="one.id"
        :edition="one"
        :is-on="picked === String(one.id)"
        :zone="site?.timeZone"
        @pick="picked = String(one.id)"
      />
      <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" @click="fetchNextPage()">{{ t('showMore') }}</v-btn>
    </div>
    <EditionPanel
      v-if="picked"
      :key="picked"
      :site-id="id"
      :edition-id="Number(picked)"
      :may-act="mayEdit"
      :zone="site?.timeZone"
      @close="picked = ''"
    />
  </div>
</template>

<style scoped>
.list {
  flex: 1;
  min-width: 0;
  padding: 4px 24px 40px;
}
.list .group {
  margin-top: 28px;
}
@media (max-width: 860px) {
  .list {
    padding: 4px 16px 90px;
  }
  .list.away {
    display: none;
  }
}
</style>
