<script setup lang="ts">
import { computed } from 'vue'
import { searchWidths, textWidth } from './textWidth'
import { t } from '../../texts'

/** How much of a search result's line a text takes. */
const props = defineProps<{ text: string; kind: keyof typeof searchWidths }>()
const width = computed(() => textWidth(props.text, searchWidths[props.kind].font))
const most = computed(() => searchWidths[props.kind].most)
</script>

<template>
  <div class="meter">
    <meter
      :value="Math.min(width, most)"
      :max="most"
      :high="most - 1"
      :optimum="most / 2"
      :aria-label="t('widthMostPixels', { width, most })"
    />
    <span class="small" :class="width > most ? 'o' : 'soft'">{{
      width > most ? t('truncatedMostWidthPixels', { most, width }) : t('widthMostPixels', { width, most })
    }}</span>
  </div>
</template>

<style scoped>
.meter {
  display: flex;
  gap: 10px;
  align-items: center;
  margin-top: -6px;
}
meter {
  flex: 1;
  height: 8px;
}
span {
  font-variant-numeric: tabular-nums;
}
</style>
