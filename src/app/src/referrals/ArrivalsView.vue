<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { ChannelTabs, PageTitle, PlotFigure, SpanChoice, useQueryValue, useSite } from '../shared'
import YieldTable from './YieldTable.vue'
import { t } from './texts'
import { locale } from '../texts'

const { id } = useSite()
const span = useQueryValue('days')
const spans = [
  ['7', t('aWeek')],
  ['', t('aMonth')],
  ['90', t('threeMonths')],
] as const
const { data, error, isPending } = useQuery({
  queryKey: ['arrivals', id, span],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/channels/arrivals', {
        params: { path: { site: id.value }, query: { days: Number(span.value) || undefined } },
      }),
    ),
})
const tokens = ['verdigris', 'ochre', 'madder', 'soft']
const short = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short' })
const total = computed(() => data.value?.sources.reduce((sum, one) => sum + one.count, 0) ?? 0)
const days = computed(() => data.value?.days.map((day) => short.format(new Date(`${day.day}T12:00`))) ?? [])
/** The sources that brought most, and the rest as one. */
const series = computed(() => {
  const all = data.value
  if (!all) return []
  const named = all.sources
    .slice(0, tokens.length)
    .map((one, at) => ({ name: one.name, token: tokens[at]!, values: all.days.map((day) => day.counts[at]!) }))
  const rest = all.days.map((day) => day.counts.slice(tokens.length).reduce((sum, count) => sum + count, 0))
  return all.sources.length > tokens.length ? [...named, { name: t('other'), token: 'rule', values: rest }] : named
})
const share = (count: number) => `${(100 * count) / Math.max(1, data.value?.sources[0]?.count ?? 1)}%`
const told = { link: t('fromLinkTag'), page: t('fromBrowserReferrer'), direct: '' }
</script>

<template>
  <PageTitle :title="t('trafficSources')"
    ><template #state v-if="data">{{ t('visitsNoCookiesNo', { total }) }}</template></PageTitle
  >
  <ChannelTabs />
  <div class="work arrivals">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
    <template v-else-if="data">
      <SpanChoice v-model="span" :spans="spans" />
      <div v-if="total === 0" class="empty">
        <h2>{{ t('noVisitsPeriod') }}</h2>
        <p>
          {{ t('visitsCountedPagesPosts') }}
        </p>
      </div>
      <template v-else>
        <PlotFigure :days="days" :series="series" :words="t('totalReadersByWhat', { total })" />
      </template>
      <YieldTable :site-id="id" :digests="data.digests" :channels="data.channels" />
      <template v-if="total > 0">
        <div class="tables">
          <table class="ruled">
            <thead>
              <tr>
                <th>{{ t('source') }}</th>
                <th class="num">{{ t('visits') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="one in data.sources" :key="one.kind + one.name">
                <td>
                  {{ one.name }} <small class="soft">{{ told[one.kind] }}</small><i
                    aria-hidden="true"
                    :style="{ width: share(one.count) }"
                  />
                </td>
                <td class="num">{{ one.count }}</td>
              </tr>
            </tbody>
          </table>
          <table class="ruled">
            <thead>
              <tr>
                <th>{{ t('post') }}</th>
                <th class="num">{{ t('visits') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="post in data.posts" :key="post.postId">
                <td>
                  <router-link class="t" :to="`/s/${id}/posts/${post.postId}/where`">{{
                    post.title
                  }}</router-link><br /><small class="soft">{{
                    post.sources.map((source) => `${source.name} ${source.count}`).join(', ')
                  }}</small>
                </td>
                <td class="num">{{ post.count }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </template>
  </div>
</template>

<style scoped>
.arrivals {
  padding: 14px 24px 60px;
}
.tables {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
  gap: 36px;
  margin-top: 26px;
  align-items: start;
}
td i {
  display: block;
  height: 4px;
  border-radius: 2px;
  background: var(--verdigris);
  margin-top: 4px;
}
@media (max-width: 860px) {
  .arrivals {
    padding: 14px 16px 90px;
  }
  .tables {
    grid-template-columns: 1fr;
  }
}
</style>
