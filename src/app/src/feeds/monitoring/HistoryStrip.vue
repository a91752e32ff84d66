<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { relativeDate } from '../../shared'
import { stretchTone, stretchWords } from './stretches'
import { t } from '../texts'

const props = defineProps<{ history: Schemas['WatchRecordView'][] }>()
// A stretch is as wide as it is long, within bounds, so that a short trouble is still seen.
const stretches = computed(() =>
  [...props.history]
    .reverse()
    .slice(-24)
    .map((stretch) => ({
      stretch,
      weight: Math.max(
        1,
        Math.min(12, Math.log2(1 + (Date.parse(stretch.until) - Date.parse(stretch.from)) / 600_000) + 1),
      ),
    })),
)
const words = (stretch: Schemas['WatchRecordView']) =>
  t('stretchFromWhenUntil', {
    stretch: stretchWords(stretch),
    when: relativeDate(stretch.from),
    until: relativeDate(stretch.until),
  })
</script>

<template>
  <div
    class="strip"
    role="img"
    :aria-label="stretches.map(({ stretch }) => stretchWords(stretch)).join(', then ') || t('notCheckedYet')"
  >
    <span
      v-for="{ stretch, weight } in stretches"
      :key="stretch.from"
      :class="stretchTone(stretch)"
      :style="{ flexGrow: weight }"
      :title="words(stretch)"
    />
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 2px;
  height: 14px;
  align-items: center;
}
span {
  flex: 1 1 4px;
  min-width: 6px;
  height: 6px;
  background: currentColor;
}
/* Trouble differs in shape before colour: full height and hatched. */
.m {
  height: 14px;
  background: repeating-linear-gradient(45deg, currentColor 0 3px, transparent 3px 5px);
}
.o {
  height: 10px;
}
</style>
