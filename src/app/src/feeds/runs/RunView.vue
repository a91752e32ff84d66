<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { lineOf, type Schemas } from '../../api'
import { OneOf, PageTitle, useQueryValue, useSite } from '../../shared'
import ReportMenu from '../checking/ReportMenu.vue'
import RunRow from './RunRow.vue'
import { useRun } from './useRun'
import { t } from '../texts'

const { id, site, mayEdit } = useSite()
const route = useRoute()
const { query, run, isGoing, act, cancel, resume, again, report } = useRun(
  () => id.value,
  () => Number(route.params.run),
)
const { data, error, isPending } = query
const only = useQueryValue('only')
type Row = Schemas['RunCheckView']
const filters: { value: string; name: string; fits: (row: Row) => boolean }[] = [
  { value: '', name: t('filterAll'), fits: () => true },
  {
    value: 'errors',
    name: t('filterErrors'),
    fits: (row) => row.verdict === 'invalid' || row.verdict === 'notAFeed',
  },
  { value: 'warnings', name: t('filterWarnings'), fits: (row) => row.verdict === 'validWithWarnings' },
  { value: 'valid', name: t('filterValid'), fits: (row) => row.verdict === 'valid' },
  { value: 'unread', name: t('filterUnread'), fits: (row) => row.problem !== null },
  { value: 'changed', name: t('filterChanged'), fits: (row) => row.came + row.gone > 0 },
]
const chips = computed(() =>
  filters
    .map(({ value, name, fits }) => [value, name, data.value?.checks.filter(fits).length ?? 0] as const)
    .filter(([value, , count]) => value === '' || count > 0),
)
const rows = computed(() => {
  const fits = filters.find((filter) => filter.value === only.value)?.fits ?? (() => true)
  return data.value?.checks.filter(fits) ?? []
})
</script>

<template>
  <PageTitle :title="t('checkOfFeeds', { feeds: run?.feeds ?? 0 })">
    <template #state
      ><template v-if="run"
        ><b v-if="run.withErrors" class="m">{{ t('withErrors', { faulty: run.withErrors }) }}</b>
        <span v-else-if="run.checked === run.feeds">{{ t('withErrors', { faulty: 0 }) }}</span>
        {{ run.unread ? t('unreadFeeds', { unread: run.unread }) : '' }}</template
      ></template
    >
    <template #act>
      <v-btn variant="text" :to="`/s/${id}/feeds/check`">{{ t('checkAnother') }}</v-btn>
      <ReportMenu v-if="run?.checked" :read="report" />
      <v-btn v-if="mayEdit && isGoing" variant="outlined" @click="cancel">{{ t('cancel') }}</v-btn>
      <v-btn v-else-if="mayEdit && run?.isCancelled && run.checked < run.feeds" @click="resume">{{
        t('checkRest')
      }}</v-btn>
      <v-btn v-else-if="mayEdit && run" :loading="act.running.value" @click="again">{{ t('checkAgain') }}</v-btn>
    </template>
  </PageTitle>
  <div class="work">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-if="isPending" class="waiting">{{ t('readingFeeds') }}</p>
    <template v-else-if="run">
      <div v-if="run.checked < run.feeds" class="running" role="status">
        <progress :value="run.checked" :max="run.feeds" />
        <b>{{ t('checkedOf', { checked: run.checked, feeds: run.feeds }) }}</b>
        <span class="soft">{{ run.isCancelled ? t('cancelledRestWaits') : t('canLeavePageCheck') }}</span>
      </div>
      <OneOf v-model="only" class="filters" wide :label="t('filter')" :choices="chips" />
      <RunRow
        v-for="row in rows"
        :key="row.id"
        :row="row"
        :site-id="id"
        :zone="site?.timeZone"
        :is-cancelled="run.isCancelled"
      />
      <p v-if="rows.length === 0" class="hint">{{ t('noFeedFits') }}</p>
    </template>
  </div>
</template>

<style scoped>
.running {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 14px 0 4px;
}
progress {
  width: 220px;
  accent-color: var(--verdigris);
}
.filters {
  margin: 14px 0 6px;
}
</style>
