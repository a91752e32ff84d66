<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp } from '@mdi/js'
import { t } from '../texts'

/** Two buttons that move an item of a list up and down. */
const props = defineProps<{ name: string; index: number; count: number }>()
const emit = defineEmits<{ move: [to: number] }>()
</script>

<template>
  <span class="moves">
    <button
      type="button"
      :aria-label="t('moveUpName', { name: props.name })"
      :disabled="props.index === 0"
      @click="emit('move', props.index - 1)"
    >
      <v-icon :icon="mdiArrowUp" size="16" />
    </button>
    <button
      type="button"
      :aria-label="t('moveDownName', { name: props.name })"
      :disabled="props.index === props.count - 1"
      @click="emit('move', props.index + 1)"
    >
      <v-icon :icon="mdiArrowDown" size="16" />
    </button>
  </span>
</template>

<style scoped>
.moves {
  display: inline-flex;
  flex: none;
}
button {
  background: none;
  border: 0;
  min-width: 26px;
  min-height: 26px;
  cursor: pointer;
  color: var(--soft);
}
button:disabled {
  opacity: 0.3;
  cursor: default;
}
</style>
