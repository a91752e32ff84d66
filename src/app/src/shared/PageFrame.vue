<script setup lang="ts">
import { computed, ref } from 'vue'
import TickChip from './controls/TickChip.vue'
import WidthChoice from './controls/WidthChoice.vue'
import { useQueryValue } from './useQueryValue'
import { t } from './texts'

/** A whole page of ours in a frame, at the widths readers have; nothing in it runs or leads away. */
const props = defineProps<{ html: string | null; title: string }>()
const width = useQueryValue('width')
const dark = useQueryValue('light')
const frame = ref<HTMLIFrameElement | null>(null)
// The frame may run none of it, and the browser would complain of each.
const still = computed(() => props.html?.replace(/<script[\s\S]*?<\/script>/g, '') ?? null)

// Links of the page would open it inside the frame, without the workplace around it.
function hold(): void {
  frame.value?.contentDocument?.addEventListener('click', (event) => {
    if (!(event.target as Element).closest('a[href^="#"]')) event.preventDefault()
  })
}
</script>

<template>
  <div class="frame-bar">
    <slot />
    <div class="widths">
      <WidthChoice v-model="width" />
      <TickChip :model-value="dark === 'dark'" @update:model-value="dark = $event ? 'dark' : ''">{{
        t('dark')
      }}</TickChip>
    </div>
  </div>
  <div class="frame-desk">
    <p v-if="still === null" class="waiting" role="status">{{ t('loadingPreview') }}</p>
    <iframe
      v-else
      ref="frame"
      :title="props.title"
      sandbox="allow-same-origin"
      :srcdoc="still ?? undefined"
      :style="{ width: width ? `${width}px` : '100%', colorScheme: dark === 'dark' ? 'dark' : 'light' }"
      @load="hold"
    />
  </div>
</template>

<style scoped>
.widths {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
</style>
