<script setup lang="ts">
import type { Schemas } from '../../api'

const props = defineProps<{ severity: Schemas['Severity'] }>()
const tones: Record<Schemas['Severity'], string> = { error: 'm', warning: 'o', advice: 'v' }
</script>

<template>
  <svg
    :class="tones[props.severity]"
    viewBox="0 0 14 14"
    width="14"
    height="14"
    role="img"
    :aria-label="props.severity"
  >
    <path v-if="props.severity === 'error'" class="x" d="M2 2l10 10M12 2L2 12" />
    <path v-else-if="props.severity === 'warning'" class="x" d="M7 1L13 12H1z" />
    <path v-else class="x" d="M2 7h10" />
  </svg>
</template>

<style scoped>
svg {
  margin-top: 4px;
}
.x {
  fill: none;
  stroke: currentColor;
  stroke-width: 2.4;
}
</style>
