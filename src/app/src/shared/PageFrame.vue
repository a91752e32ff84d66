<script setup lang="ts">
import { computed, ref } from 'vue'
import { useQueryValue } from './useQueryValue'

/** A whole page of ours in a frame, at the widths readers have; nothing in it runs or leads away. */
const props = defineProps<{ html: string | null; title: string; about?: string }>()
const width = useQueryValue('width')
const dark = useQueryValue('light')
const frame = ref<HTMLIFrameElement | null>(null)
// The frame may run none of it, and the browser would complain of each.
const still = computed(() => props.html?.replace(/<script[\s\S]*?<\/script>/g, '') ?? null)
const widths = [
  ['390', 'Phone'],
  ['768', 'Tablet'],
  ['', 'Desktop'],
] as const

// Links of the page would open it inside the frame, without the workplace around it.
function hold(): void {
  frame.value?.contentDocument?.addEventListener('click', (event) => {
    if (!(event.target as Element).closest('a[href^="#"]')) event.preventDefault()
  })
}
</script>

<template>
  <div class="bar">
    <slot /><span v-if="props.about">{{ props.about }}</span>
    <div class="widths">
      <button
        v-for="[value, name] in widths"
        :key="name"
        type="button"
        class="chip"
        :class="{ on: width === value }"
        :aria-pressed="width === value"
        @click="width = value"
      >
        {{ name }}
      </button>
      <button type="button" class="chip" :class="{ on: dark === 'dark' }" :aria-pressed="dark === 'dark'" @click="dark = dark === 'dark' ? '' : 'dark'">
        Dark
      </button>
    </div>
  </div>
  <div class="desk">
    <p v-if="still === null" class="waiting" role="status">Setting the page …</p>
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
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 9px 18px;
  font-size: 13.5px;
  color: var(--soft);
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}
.widths {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.desk {
  flex: 1;
  min-height: 0;
  padding: 16px 18px 0;
  display: flex;
  justify-content: center;
  overflow: auto;
  background: var(--desk);
}
iframe {
  border: 1px solid var(--rule);
  border-bottom: 0;
  background: #fff;
  height: 100%;
  max-width: 100%;
}
</style>
