<script setup lang="ts">
import { computed } from 'vue'
import { t } from './texts'

/** How much of what a network takes a text uses up. */
const props = defineProps<{ count: number; limit: number; shortened: string[] }>()
const share = computed(() => Math.min(100, (100 * props.count) / (props.limit || 1)))
</script>

<template>
  <div class="meter" :class="{ over: props.count > props.limit }"><i :style="{ width: `${share}%` }" /></div>
  <small class="soft">{{
    props.shortened.length
      ? t('countLimitShortened', { count: props.count, limit: props.limit, shortened: props.shortened.join(', ') })
      : t('countLimit', { count: props.count, limit: props.limit })
  }}</small>
</template>

<style scoped>
.meter {
  height: 4px;
  background: var(--hair);
  border-radius: 2px;
  overflow: hidden;
  margin-top: 10px;
}
.meter i {
  display: block;
  height: 100%;
  background: var(--verdigris);
}
.over i {
  background: var(--madder);
}
</style>
