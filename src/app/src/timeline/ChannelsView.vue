<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { ChannelTabs, OneOf, PageTitle, useAct, useQueryValue, useSite } from '../shared'
import DeliveryCase from './DeliveryCase.vue'
import DeliveryList from './DeliveryList.vue'
import FailureLines from './FailureLines.vue'
import LaneLine from './LaneLine.vue'
import MailLanes from './MailLanes.vue'
import { placeOf, spans, ticksFrom } from './timeLine'
import { useTimeLine } from './useTimeLine'
import { t } from './texts'

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
const turn = computed(() => (days.value > 2 ? { by: 7, name: t('aWeek') } : { by: 1, name: t('aDay') }))
const running = computed(() => list.value.filter((one) => !one.pausedAt))
const state = computed(() => {
  const open = list.value.reduce((sum, one) => sum + one.open, 0)
  const failed = list.value.reduce((sum, one) => sum + one.failed, 0)
  return failed
    ? t('channelsScheduledDeliveriesFailed', { channels: list.value.length, open, failed })
    : t('channelsScheduledDeliveries', { channels: list.value.length, open })
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
  <PageTitle :title="t('channels')">
    <template #state v-if="channels.data.value">{{ state }}</template>
    <template #act
      ><v-btn v-if="mayEdit && list.length" variant="text" :loading="act.running.value" @click="pauseAll">{{
        running.length ? t('pauseAll') : t('resumeAll')
      }}</v-btn
      ><v-btn v-if="mayEdit" :to="`/s/${id}/channels/set-up?new=social`">{{ t('addChannel') }}</v-btn></template
    >
  </PageTitle>
  <ChannelTabs />
  <p v-if="channels.error.value" class="work trouble" role="alert">{{ lineOf(channels.error.value) }}</p>
  <p v-else-if="channels.isPending.value" class="work waiting">{{ t('readingChannels') }}</p>
  <div v-else-if="list.length === 0" class="work empty">
    <h2>{{ t('sendPostsFurther') }}</h2>
    <p>
      {{ t('addChannelSendThem') }}
    </p>
    <v-btn v-if="mayEdit" class="mt-3" :to="`/s/${id}/channels/set-up?new=social`">{{ t('addChannel') }}</v-btn>
  </div>
  <div v-else class="work split">
    <div class="line-side">
      <FailureLines :site-id="id" :channels="list" :may-act="mayEdit" />
      <div class="row lengths">
        <OneOf
          :model-value="days"
          :label="t('period')"
          :choices="spans.map((one) => [one.days, one.name] as const)"
          @update:model-value="length = $event === spans[0].days ? '' : String($event)"
        />
        <span class="small soft aside">{{ t('dragQueuedDeliveryReschedule') }}</span>
      </div>
      <div class="lanes" :aria-label="t('timeLine')">
        <div class="ruler">
          <span class="turn">
            <button
              class="icon"
              :aria-label="t('nameEarlier', { name: turn.name })"
              :title="t('nameEarlier', { name: turn.name })"
              @click="shift(-turn.by)"
            >
              <v-icon :icon="mdiChevronLeft" size="20" />
            </button>
            <button class="link" :disabled="!from" @click="from = ''">{{ t('today') }}</button>
            <button
              class="icon"
              :aria-label="t('nameLater', { name: turn.name })"
              :title="t('nameLater', { name: turn.name })"
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
      <p v-if="line.data.value?.isCut" class="small soft px-6">{{ t('showingLatest600Deliveries') }}</p>
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
