<script setup lang="ts">
import type { Schemas } from '../../api'
import { marks } from './marks'

const props = defineProps<{ mark: Schemas['CoverageMark'] }>()
</script>

<template>
  <svg class="n" :class="marks[props.mark].tone" viewBox="0 0 17 13" role="img" :aria-label="marks[props.mark].name">
    <ellipse
      v-if="props.mark === 'inPlace'"
      cx="8.5"
      cy="6.5"
      rx="7"
      ry="4.6"
      transform="rotate(-20 8.5 6.5)"
      fill="currentColor"
    />
    <rect v-else-if="props.mark === 'leftOut'" x="4" y="5" width="9" height="3" fill="currentColor" />
    <path v-else-if="props.mark === 'failed'" d="M3 1.5l11 10M14 1.5l-11 10" stroke="currentColor" stroke-width="2.6" />
    <template v-else>
      <ellipse
        cx="8.5"
        cy="6.5"
        rx="6.2"
        ry="4"
        transform="rotate(-20 8.5 6.5)"
        fill="var(--paper)"
        stroke="currentColor"
        stroke-width="2"
      />
      <path v-if="props.mark === 'outOfDate'" d="M8.5 6.5m-6.6 2.4a7 4.6 -20 0 0 13.2 -4.8z" fill="currentColor" />
    </template>
  </svg>
</template>
