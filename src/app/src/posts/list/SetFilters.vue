<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import type { usePostFilter } from './usePostFilter'
import { t } from '../texts'

const props = defineProps<{ filter: ReturnType<typeof usePostFilter> }>()
const { set, remove, removeAll } = props.filter
</script>

<template>
  <div v-if="set.length" class="row set">
    <button
      v-for="one in set"
      :key="one.name"
      type="button"
      class="chip on"
      :aria-label="t('removeFilter', { name: one.name, value: one.value })"
      @click="remove(one.of)"
    >
      {{ t('filterIs', { name: one.name, value: one.value }) }} <v-icon :icon="mdiClose" size="15" />
    </button>
    <button v-if="set.length > 1" type="button" class="link small" @click="removeAll">{{ t('clearFilters') }}</button>
  </div>
</template>

<style scoped>
.set {
  gap: 8px;
  margin-top: 10px;
}
.chip {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: 28px;
}
</style>
