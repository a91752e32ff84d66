<script setup lang="ts">
import { mdiClose, mdiPlus } from '@mdi/js'
import type { Schemas } from '../../api'
import { whens } from '../words'
import { t } from '../texts'
import { weekdayName } from '../../shared'

/** When a channel sends. */
const settings = defineModel<Schemas['ChannelSettings']>({ required: true })
const props = defineProps<{ problems: Record<string, string[]> }>()
const days = (['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as const).map(
  (value, index) => ({ value, title: weekdayName(index) }),
)
const short = (time: string | null | undefined) => time?.slice(0, 5) ?? ''
const long = (time: string) => (time ? `${time}:00` : null)

function addSlot(): void {
  const slots = settings.value.timing.slots ?? []
  const last = slots.at(-1)
  settings.value.timing.slots = [...slots, { day: last?.day ?? 'monday', time: last?.time ?? '09:00:00' }]
}
</script>

<template>
  <div class="timing">
    <v-select v-model="settings.when" :items="whens" :label="t('send')" />
    <v-text-field
      v-if="settings.when === 'afterDelay'"
      v-model.number="settings.timing.delayMinutes"
      type="number"
      min="0"
      :label="t('delayMinutes')"
      :error-messages="props.problems.delayMinutes"
    />
    <template v-if="settings.when === 'nextSlot'">
      <div v-for="(slot, at) in settings.timing.slots ?? []" :key="at" class="slot">
        <v-select v-model="slot.day" :items="[...days]" :label="t('day')" density="compact" hide-details />
        <v-text-field
          :model-value="short(slot.time)"
          type="time"
          :label="t('time')"
          density="compact"
          hide-details
          @update:model-value="slot.time = long($event) ?? slot.time"
        />
        <button
          type="button"
          class="icon"
          :aria-label="t('removeDayTime', { day: slot.day, time: short(slot.time) })"
          @click="settings.timing.slots = settings.timing.slots!.filter((_, index) => index !== at)"
        >
          <v-icon :icon="mdiClose" size="18" />
        </button>
      </div>
      <p v-if="props.problems.slots" class="trouble" role="alert">{{ props.problems.slots.join(' ') }}</p>
      <div>
        <v-btn variant="outlined" size="small" :prepend-icon="mdiPlus" @click="addSlot">{{ t('addTime') }}</v-btn>
      </div>
    </template>
    <div v-else class="slot quiet">
      <v-text-field
        :model-value="short(settings.timing.quietFrom)"
        type="time"
        :label="t('quietHoursFrom')"
        clearable
        @update:model-value="settings.timing.quietFrom = long($event)"
      />
      <v-text-field
        :model-value="short(settings.timing.quietUntil)"
        type="time"
        :label="t('until')"
        clearable
        :error-messages="props.problems.quietUntil"
        @update:model-value="settings.timing.quietUntil = long($event)"
      />
      <v-text-field
        v-model.number="settings.timing.spacingMinutes"
        type="number"
        min="0"
        :label="t('minimumGapBetweenPosts')"
        :suffix="t('min')"
        :error-messages="props.problems.spacingMinutes"
      />
    </div>
    <p class="small soft">{{ t('timesSitesTimeZone') }}</p>
  </div>
</template>

<style scoped>
.timing {
  display: grid;
  gap: 10px;
}
.slot {
  display: grid;
  grid-template-columns: 1fr 140px 32px;
  gap: 8px;
  align-items: center;
}
.quiet {
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  align-items: start;
}
.icon {
  background: none;
  border: 0;
  color: var(--soft);
  cursor: pointer;
}
</style>
