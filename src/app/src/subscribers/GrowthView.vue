<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, PlotFigure, SpanChoice, useQueryValue, useSite } from '../shared'
import ReaderTabs from './ReaderTabs.vue'
import { t } from './texts'
import { locale } from '../texts'

const { id } = useSite()
const span = useQueryValue('days')
const spans = [
  ['30', t('aMonth')],
  ['', t('threeMonths')],
  ['365', t('aYear')],
  ['730', t('twoYears')],
] as const
const { data, error } = useQuery({
  queryKey: ['growth', id, span],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/subscribers/growth', {
        params: { path: { site: id.value }, query: { days: Number(span.value) || undefined } },
      }),
    ),
})
type Day = Schemas['GrowthDay']

/** Days, or weeks where there are too many days to tell apart. */
const steps = computed<Day[]>(() => {
  const days = data.value?.days ?? []
  if (days.length <= 100) return days
  const weeks: Day[] = []
  for (let end = days.length; end > 0; end -= 7) {
    const week = days.slice(Math.max(0, end - 7), end)
    const sum = (part: 'form' | 'hand' | 'list' | 'unknown' | 'left') => week.reduce((all, one) => all + one[part], 0)
    weeks.unshift({
      day: week[0]!.day,
      form: sum('form'),
      hand: sum('hand'),
      list: sum('list'),
      unknown: sum('unknown'),
      left: sum('left'),
      total: week.at(-1)!.total,
    })
  }
  return weeks
})
const isByWeek = computed(() => (data.value?.days.length ?? 0) > 100)
const short = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short' })
const names = computed(() => steps.value.map((step) => short.format(new Date(`${step.day}T12:00`))))
const series = computed(() => [
  { name: t('signUpForm'), token: 'verdigris', values: steps.value.map((one) => one.form) },
  { name: t('addedManually'), token: 'ochre', values: steps.value.map((one) => one.hand) },
  { name: t('imported'), token: 'soft', values: steps.value.map((one) => one.list + one.unknown) },
  { name: t('unsubscribed'), token: 'ochre', values: steps.value.map((one) => -one.left) },
  { name: t('subscribers'), token: 'ink', values: steps.value.map((one) => one.total), isLine: true },
])
const came = computed(() => steps.value.reduce((all, one) => all + one.form + one.hand + one.list + one.unknown, 0))
const left = computed(() => steps.value.reduce((all, one) => all + one.left, 0))
const rows = computed(() =>
  steps.value.filter((one) => one.form + one.hand + one.list + one.unknown + one.left > 0).reverse(),
)
</script>

<template>
  <PageTitle :title="t('growth')"
    ><template #state v-if="data">{{
      t('subscribersJoinedLeftUnsubscribed', { came, left, total: steps.at(-1)?.total ?? 0 })
    }}</template></PageTitle
  >
  <ReaderTabs />
  <div class="work growth">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <SpanChoice v-model="span" :spans="spans" />
    <PlotFigure v-if="data" :days="names" :series="series" :words="t('cameSubscribersCameLeft', { came, left })" />
    <div v-if="rows.length" class="rows" role="region" :aria-label="t('growthNumbers')" tabindex="0">
      <table class="ruled">
        <thead>
          <tr>
            <th>{{ isByWeek ? t('weekFrom') : t('day') }}</th>
            <th class="num">{{ t('signUpForm') }}</th>
            <th class="num">{{ t('addedManually') }}</th>
            <th class="num">{{ t('imported') }}</th>
            <th class="num">{{ t('unsubscribed') }}</th>
            <th class="num">{{ t('subscribers') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in rows" :key="one.day">
            <td>{{ short.format(new Date(`${one.day}T12:00`)) }}</td>
            <td class="num">{{ one.form || '' }}</td>
            <td class="num">{{ one.hand || '' }}</td>
            <td class="num">{{ one.list + one.unknown || '' }}</td>
            <td class="num">{{ one.left || '' }}</td>
            <td class="num">{{ one.total }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-else-if="data" class="soft">{{ t('noChangesPeriod') }}</p>
  </div>
</template>

<style scoped>
.growth {
  padding: 14px 24px 60px;
}
.rows {
  max-width: 820px;
  margin-top: 24px;
  overflow-x: auto;
}
@media (max-width: 860px) {
  .growth {
    padding: 14px 16px 90px;
  }
}
</style>
