<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { ChannelTabs, counted, PageTitle, useAct, useQueryValue, useSite } from '../shared'
import DeliveryCase from './DeliveryCase.vue'
import DeliveryList from './DeliveryList.vue'
import FailureLines from './FailureLines.vue'
import LaneLine from './LaneLine.vue'
import MailLanes from './MailLanes.vue'
import { placeOf, spans, ticksFrom } from './timeLine'
import { useTimeLine } from './useTimeLine'

const { id, site, mayEdit } = useSite()
const from = useQueryValue('from')
const picked = useQueryValue('delivery')
const length = useQueryValue('days')
const { start, days, channels, line, shift } = useTimeLine(() => id.value, from, length)
const act = useAct()
const list = computed(() => channels.data.value ?? [])
const items = computed(() => line.data.value?.items ?? [])
const ticks = computed(() => ticksFrom(start.value, days.value, site.value?.timeZone))
const now = computed(() => placeOf(Date.now(), start.value, days.value))
const turn = computed(() => (days.value > 2 ? { by: 7, name: 'A week' } : { by: 1, name: 'A day' }))
const running = computed(() => list.value.filter((one) => !one.pausedAt))
const state = computed(() => {
  const open = list.value.reduce((sum, one) => sum + one.open, 0)
  const failed = list.value.reduce((sum, one) => sum + one.failed, 0)
  return `${counted(list.value.length, 'channel')}, ${counted(open, 'scheduled delivery', 'scheduled deliveries')}${failed ? `, ${failed} failed` : ''}.`
})

async function pauseAll(): Promise<void> {
  const path = { params: { path: { site: id.value } } }
  await act.run(() =>
    running.value.length
      ? take(api.POST('/api/sites/{site}/channels/set-up/pause', path))
      : take(api.POST('/api/sites/{site}/channels/set-up/resume', path)),
  )
  await channels.refetch()
}
</script>

<template>
  <PageTitle title="Channels">
    <template #state v-if="channels.data.value">{{ state }}</template>
    <template #act
      ><v-btn v-if="mayEdit && list.length" variant="text" :loading="act.running.value" @click="pauseAll">{{
        running.length ? 'Pause all' : 'Resume all'
      }}</v-btn
      ><v-btn v-if="mayEdit" :to="`/s/${id}/channels/set-up?new=social`">Add a channel</v-btn></template
    >
  </PageTitle>
  <ChannelTabs />
  <p v-if="channels.error.value" class="work trouble" role="alert">{{ lineOf(channels.error.value) }}</p>
  <p v-else-if="channels.isPending.value" class="work waiting">Reading the channels …</p>
  <div v-else-if="list.length === 0" class="work empty">
    <h2>Send posts further</h2>
    <p>
      Add a channel to send them further: to a social network, a partner’s site, a feed hub (WebSub), pages you link to,
      or your own software.
    </p>
    <v-btn v-if="mayEdit" class="mt-3" :to="`/s/${id}/channels/set-up?new=social`">Add a channel</v-btn>
  </div>
  <div v-else class="work split">
    <div class="line-side">
      <FailureLines :site-id="id" :channels="list" :may-act="mayEdit" />
      <div class="row lengths" role="group" aria-label="Period">
        <button
          v-for="one in spans"
          :key="one.days"
          class="chip"
          :class="{ on: days === one.days }"
          :aria-pressed="days === one.days"
          @click="length = one.days === spans[0].days ? '' : String(one.days)"
        >
          {{ one.name }}
        </button>
        <span class="small soft aside">Drag a queued delivery to reschedule it (Shift + arrow: one day).</span>
      </div>
      <div class="lanes" aria-label="Time line">
        <div class="ruler">
          <span class="turn">
            <button
              class="icon"
              :aria-label="`${turn.name} earlier`"
              :title="`${turn.name} earlier`"
              @click="shift(-turn.by)"
            >
              <v-icon :icon="mdiChevronLeft" size="20" />
            </button>
            <button class="link" :disabled="!from" @click="from = ''">Today</button>
            <button
              class="icon"
              :aria-label="`${turn.name} later`"
              :title="`${turn.name} later`"
              @click="shift(turn.by)"
            >
              <v-icon :icon="mdiChevronRight" size="20" />
            </button>
          </span>
          <div class="days" :class="{ many: days > 7 }">
            <span
              v-for="one in ticks"
              :key="one.key"
              :class="{ week: one.isStrong }"
              :style="{ left: `${one.at * 100}%` }"
              >{{ one.name }}</span
            >
          </div>
        </div>
        <MailLanes :site-id="id" :start="start" :days="days" :now="now" :zone="site?.timeZone" />
        <LaneLine
          v-for="channel in list"
          :key="channel.id"
          :channel="channel"
          :items="items.filter((item) => item.channelId === channel.id)"
          :start="start"
          :days="days"
          :now="now"
          :may-move="mayEdit"
          :picked="picked"
          :zone="site?.timeZone"
          :site-id="id"
          @pick="picked = String($event)"
        />
      </div>
      <p v-if="line.data.value?.isCut" class="small soft px-6">Showing the latest 600 deliveries of this period.</p>
      <DeliveryList
        class="listed"
        :items="items"
        :channels="list"
        :picked="picked"
        :zone="site?.timeZone"
        @pick="picked = String($event)"
      />
    </div>
    <DeliveryCase
      v-if="picked"
      :key="picked"
      :site-id="id"
      :delivery-id="Number(picked)"
      :zone="site?.timeZone"
      :may-act="mayEdit"
      @close="picked = ''"
    />
  </div>
</template>

<style scoped>
.line-side {
  flex: 1;
  min-width: 0;
}
.lanes {
  padding: 4px 24px 0;
}
.lengths {
  gap: 6px;
  padding: 14px 24px 8px;
  flex-wrap: wrap;
}
.aside {
  margin-left: auto;
}
.ruler {
  display: grid;
  grid-template-columns: 210px 1fr;
  align-items: end;
  border-bottom: 1px solid var(--rule);
}
.turn {
  display: flex;
  gap: 6px;
  align-items: center;
  padding-bottom: 2px;
}
.icon {
  background: none;
  border: 0;
  cursor: pointer;
  color: var(--soft);
  padding: 2px;
}
.link:disabled {
  color: var(--soft);
  cursor: default;
}
.days {
  container-type: inline-size;
  position: relative;
  height: 26px;
}
.days span {
  position: absolute;
  bottom: 3px;
  font-size: 12px;
  color: var(--soft);
  padding-left: 4px;
  white-space: nowrap;
}
.days .week {
  color: var(--ink);
  font-weight: 600;
}
@container (max-width: 760px) {
  .days.many span:not(.week) {
    display: none;
  }
}
@media (max-width: 860px) {
  .lanes,
  .lengths {
    display: none;
  }
}
</style>
