<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { onMounted, onUnmounted, ref } from 'vue'
import { t } from './texts'

/** What stands beside a list about the row chosen in it; on a phone it takes the place of the list. */
const props = defineProps<{ label: string; width: number }>()
const emit = defineEmits<{ close: [] }>()
const panel = ref<HTMLElement | null>(null)
const opener = document.activeElement as HTMLElement | null

onMounted(() => panel.value?.focus())
onUnmounted(() => opener?.isConnected && opener.focus())

/** Escape closes what is open over the panel before the panel itself. */
function escape(): void {
  if (!document.querySelector('.v-overlay--active')) emit('close')
}
</script>

<template>
  <section
    ref="panel"
    class="panel"
    tabindex="-1"
    :aria-label="props.label"
    :style="{ '--width': `${props.width}px` }"
    @keydown.esc="escape"
  >
    <button type="button" class="close" :aria-label="t('close')" :title="t('close')" @click="emit('close')">
      <v-icon :icon="mdiClose" size="20" />
    </button>
    <slot />
  </section>
</template>

<style scoped>
.panel {
  width: var(--width);
  flex: none;
  background: var(--sheet);
  border-left: 1px solid var(--rule);
  padding: 16px 26px 60px;
  outline: 0;
}
.close {
  float: right;
  display: inline-grid;
  place-items: center;
  width: 32px;
  height: 32px;
  margin: -4px -8px 0 8px;
  border: 0;
  border-radius: 6px;
  background: none;
  color: var(--soft);
  cursor: pointer;
}
.close:hover {
  background: var(--hair);
  color: var(--ink);
}
.panel :deep(h2) {
  font-size: 21px;
  overflow-wrap: anywhere;
  margin: 0 0 8px;
}
.panel :deep(dl) {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 5px 10px;
  font-size: 14px;
  margin: 0 0 14px;
}
.panel :deep(dt) {
  color: var(--soft);
}
.panel :deep(dd) {
  margin: 0;
  overflow-wrap: anywhere;
}
@media (max-width: 860px) {
  .panel {
    width: auto;
    flex: 1;
    min-width: 0;
    border: 0;
    padding: 14px 16px 90px;
  }
}
</style>
