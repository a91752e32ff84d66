<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { PageTitle, PostTabs, useQueryValue, useSite, weekdayName } from '../../shared'
import { statuses } from '../status'
import { dayName, monthName, shifted, todayIn, weeksOf } from './month'
import { useCalendarMoving } from './useCalendarMoving'
import { t } from '../texts'

type Entry = Schemas['CalendarEntry']

const { id, site, mayEdit } = useSite()
const asked = useQueryValue('month')
const today = computed(() => todayIn(site.value?.timeZone))
const month = computed(() => (/^\d{4}-\d{2}$/.test(asked.value) ? asked.value : today.value.slice(0, 7)))
const { data, error, isPending } = useQuery({
  queryKey: ['calendar', id, month],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/calendar', { params: { path: { site: id.value }, query: { month: month.value } } }),
    ),
  placeholderData: (before) => before,
})
const weeks = computed(() => weeksOf(month.value))
const days = computed(() => {
  const found = new Map<string, Entry[]>()
  for (const entry of data.value?.entries ?? [])
    found.set(entry.local.slice(0, 10), [...(found.get(entry.local.slice(0, 10)) ?? []), entry])
  return found
})
const coming = computed(() => data.value?.entries.filter((entry) => entry.status === 'scheduled').length ?? 0)
const { over, trouble, movable, grab, drop, key } = useCalendarMoving(() => id.value, mayEdit)
</script>

<template>
  <PageTitle :title="t('calendar')">
    <template #state>{{ monthName(month) }}{{ coming ? t('postsScheduled', { coming }) : '' }}.</template>
    <template #act
      ><v-btn v-if="mayEdit" :to="`/s/${id}/posts/new`">{{ t('writePost') }}</v-btn></template
    >
  </PageTitle>
  <PostTabs />
  <div class="work">
    <div class="row ways">
      <button type="button" class="chip" :aria-label="t('previousMonth')" @click="asked = shifted(month, -1)">
        <v-icon :icon="mdiChevronLeft" size="18" />
      </button>
      <h2>{{ monthName(month) }}</h2>
      <button type="button" class="chip" :aria-label="t('nextMonth')" @click="asked = shifted(month, 1)">
        <v-icon :icon="mdiChevronRight" size="18" />
      </button>
      <button v-if="month !== today.slice(0, 7)" type="button" class="link" @click="asked = ''">
        {{ t('today') }}
      </button>
      <span v-if="mayEdit" class="soft small hintline">{{ t('dragScheduledPostsAnother') }}</span>
    </div>
    <p v-if="error || trouble" class="trouble" role="alert">{{ error ? lineOf(error) : trouble }}</p>
    <p v-if="isPending" class="waiting">{{ t('loading') }}</p>
    <div v-else class="sides">
      <table class="month">
        <thead>
          <tr>
            <th v-for="day in 7" :key="day" scope="col">{{ weekdayName(day - 1, 'short') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="week in weeks" :key="week[0]">
            <td
              v-for="day in week"
              :key="day"
              :class="{
                other: !day.startsWith(month),
                today: day === today,
                over: over === day,
                empty: !days.get(day)?.length,
              }"
              @dragover.prevent="over = day"
              @dragleave="over = ''"
              @drop.prevent="drop(day)"
            >
              <span class="day" :aria-label="dayName(day)">{{ Number(day.slice(8)) }}</span>
              <router-link
                v-for="entry in days.get(day)"
                :key="entry.id"
                class="entry"
                :class="entry.status"
                :to="`/s/${id}/posts/${entry.id}`"
                :draggable="movable(entry)"
                :title="`${statuses[entry.status].name}, ${entry.local.slice(11)}, ${entry.blogName}`"
                @dragstart="grab(entry)"
                @keydown="key($event, entry)"
                ><small>{{ entry.local.slice(11) }}</small> {{ entry.title }}</router-link
              >
            </td>
          </tr>
        </tbody>
      </table>
      <section class="undated">
        <h2 class="group">{{ t('unscheduled') }}</h2>
        <p v-if="!data?.undated.length" class="soft small">{{ t('noUnscheduledDrafts') }}</p>
        <router-link
          v-for="entry in data?.undated"
          :key="entry.id"
          class="entry"
          :class="entry.status"
          :to="`/s/${id}/posts/${entry.id}`"
          :draggable="movable(entry)"
          @dragstart="grab(entry)"
          >{{ entry.title }} <small>{{ statuses[entry.status].name }}</small></router-link
        >
      </section>
    </div>
  </div>
</template>

<style scoped>
.ways {
  margin-bottom: 12px;
}
.ways h2 {
  min-width: 11ch;
  text-align: center;
}
.hintline {
  margin-left: auto;
}
.sides {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 220px;
  gap: 24px;
}
.month {
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
}
th {
  text-align: left;
  font-size: 12.5px;
  font-weight: 500;
  color: var(--soft);
  padding: 4px 8px;
  border-bottom: 1px solid var(--rule);
}
td {
  border: 1px solid var(--rule);
  vertical-align: top;
  height: 92px;
  padding: 5px 6px;
}
td.other {
  background: color-mix(in srgb, var(--hair) 45%, transparent);
}
td.over {
  background: var(--wash-v);
}
.day {
  font-size: 12.5px;
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}
.today .day {
  color: var(--paper);
  background: var(--ink);
  border-radius: 9px;
  padding: 1px 6px;
  font-weight: 600;
}
.entry {
  display: block;
  margin-top: 4px;
  padding: 3px 7px 4px;
  border-left: 3px solid var(--verdigris);
  font: 500 14px/1.25 var(--title);
  text-decoration: none;
  color: inherit;
  background: var(--sheet);
  overflow-wrap: anywhere;
}
.entry small {
  font: 500 12px var(--sans);
  color: var(--soft);
}
.entry.scheduled,
.entry.inReview {
  border-left-color: var(--ochre);
  border-left-style: dashed;
}
.entry.draft {
  border-left-color: var(--soft);
  border-left-style: dotted;
}
.entry[draggable='true'] {
  cursor: grab;
}
.entry:hover {
  background: var(--wash-v);
}
@media (max-width: 860px) {
  .sides {
    grid-template-columns: minmax(0, 1fr);
  }
  thead,
  .hintline {
    display: none;
  }
  .month,
  tbody,
  tr,
  td {
    display: block;
  }
  td {
    height: auto;
    border: 0;
    border-bottom: 1px solid var(--hair);
  }
  td.empty {
    display: none;
  }
}
</style>
