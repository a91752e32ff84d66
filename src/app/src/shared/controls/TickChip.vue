<script setup lang="ts">
import { mdiCheck, mdiPlus } from '@mdi/js'

/** One of many that may be on together. The mark in front keeps its place, so that nothing moves when it turns. */
const on = defineModel<boolean>({ required: true })
</script>

<template>
  <button type="button" class="tick-chip" :aria-pressed="on" @click="on = !on">
    <v-icon :icon="on ? mdiCheck : mdiPlus" size="14" /><span><slot /></span>
  </button>
</template>

<style scoped>
.tick-chip {
  display: inline-flex;
  align-items: center;
  gap: 4px;
  border: 1px solid var(--soft);
  border-radius: 15px;
  padding: 2px 11px 2px 7px;
  min-height: 28px;
  background: none;
  font-size: 13.5px;
  cursor: pointer;
  text-align: start;
}
.tick-chip :deep(.v-icon) {
  color: var(--soft);
}
.tick-chip:hover {
  border-color: var(--verdigris);
}
.tick-chip[aria-pressed='true'] {
  border-color: var(--verdigris);
  background: var(--wash-v);
  color: var(--verdigris);
  font-weight: 600;
}
.tick-chip[aria-pressed='true'] :deep(.v-icon) {
  color: inherit;
}
@media (max-width: 600px) {
  .tick-chip {
    min-height: 36px;
  }
}
</style>
