<script setup lang="ts">
import type { Schemas } from '../../api'

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
      label="Limit"
      placeholder="No limit"
      persistent-placeholder
      suffix="deliveries"
      :error-messages="props.problems.pace"
      :readonly="props.readonly"
      @update:model-value="pace = { ...pace, most: Number($event) || 0 }"
    />
    <v-text-field
      v-if="pace.most"
      v-model.number="pace.minutes"
      type="number"
      min="1"
      label="per (minutes)"
      suffix="minutes"
      :error-messages="props.problems.paceMinutes"
      :readonly="props.readonly"
    />
  </div>
  <p class="small soft">Anything above the limit is queued. Retry-after requests are always respected.</p>
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
