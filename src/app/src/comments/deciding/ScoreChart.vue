<script setup lang="ts">
import { computed } from 'vue'
import { t } from '../texts'

/** How many good comments and how many spam ones had which score. Heights are by root, so that a few wrong ones are seen beside hundreds of right ones. */
const props = defineProps<{ good: number[]; spam: number[]; publish: number; putAside: number }>()
const merged = (counts: number[]) => Array.from({ length: 50 }, (_, at) => counts[2 * at]! + counts[2 * at + 1]!)
const bars = computed(() => ({ good: merged(props.good), spam: merged(props.spam) }))
const most = computed(() => Math.sqrt(Math.max(1, ...bars.value.good, ...bars.value.spam)))
const height = (count: number) => (Math.sqrt(count) / most.value) * 76
</script>

<template>
  <figure>
    <svg
      viewBox="0 0 500 178"
      role="img"
      :aria-label="t('scoresDecidedCommentsPublished', { publish: props.publish, putAside: props.putAside })"
    >
      <rect class="zone safe" x="0" y="0" :width="props.publish * 5" height="160" />
      <rect class="zone danger" :x="props.putAside * 5" y="0" :width="500 - props.putAside * 5" height="160" />
      <g v-for="(count, at) in bars.good" :key="`g${at}`">
        <rect
          v-if="count"
          class="good"
          :x="at * 10 + 1"
          :y="80 - height(count)"
          width="8"
          :height="height(count)"
          rx="1"
        />
      </g>
      <g v-for="(count, at) in bars.spam" :key="`s${at}`">
        <rect v-if="count" class="spam" :x="at * 10 + 1" y="80" width="8" :height="height(count)" rx="1" />
      </g>
      <line x1="0" x2="500" y1="80" y2="80" />
      <text x="0" y="175">0%</text>
      <text x="250" y="175" text-anchor="middle">{{ t('filtersScore') }}</text>
      <text x="500" y="175" text-anchor="end">100%</text>
    </svg>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
svg {
  width: 100%;
  display: block;
}
.good {
  fill: var(--verdigris);
}
.spam {
  fill: var(--madder);
}
.zone.safe {
  fill: var(--wash-v);
}
.zone.danger {
  fill: var(--wash-m);
}
line {
  stroke: var(--ink);
}
text {
  font-size: 11px;
  fill: var(--soft);
}
</style>
