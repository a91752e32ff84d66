<script setup lang="ts">
import type { Schemas } from '../../api'
import { t } from '../texts'

/** How much the receiver takes in a time. */
const pace = defineModel<Required<Schemas['ChannelPace']>>({ required: true })
const props = defineProps<{ problems: Record<string, string[]>; readonly: boolean }>()
</script>

<template>
  <div class="pace">
    <v-text-field
      :model-value="pace.most || ''"
      type="number"
      min="1"
      max="1000"
      :label="t('limit')"
      :placeholder="t('noLimit')"
      persistent-placeholder
      :suffix="t('deliveries')"
      :error-messages="props.problems.pace"
      :readonly="props.readonly"
      @update:model-value="pace = { ...pace, most: Number($event) || 0 }"
    />
    <v-text-field
      v-if="pace.most"
      v-model.number="pace.minutes"
      type="number"
      min="1"
      :label="t('perMinutes')"
      :suffix="t('minutes')"
      :error-messages="props.problems.paceMinutes"
      :readonly="props.readonly"
    />
  </div>
  <p class="small soft">{{ t('anythingAboveLimitQueued') }}</p>
</template>

<style scoped>
.pace {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(180px, 1fr));
  gap: 10px;
}
p {
  margin: 0;
}
</style>
