<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { useMoving } from '../../shared'

/** The parts of an entry in the order they stand in. */
const parts = defineModel<Schemas['EntryPart'][]>({ required: true })
const props = defineProps<{ shown: Schemas['EntryPart'][]; bylineAbove: boolean }>()
const names: Record<Schemas['EntryPart'], string> = {
  picture: 'Picture',
  title: 'Title',
  byline: 'Date and author',
  excerpt: 'Excerpt',
  tags: 'Tags',
  more: 'Link at the end',
}
const usual = computed<Schemas['EntryPart'][]>(() =>
  props.bylineAbove
    ? ['picture', 'byline', 'title', 'excerpt', 'tags', 'more']
    : ['picture', 'title', 'byline', 'excerpt', 'tags', 'more'],
)
const all = computed(() => [...new Set([...parts.value, ...usual.value])].filter((part) => props.shown.includes(part)))

const list = ref<HTMLElement | null>(null)
const { dragged, move, key } = useMoving(
  list,
  () => all.value,
  (moved) => (parts.value = moved),
)
</script>

<template>
  <ol ref="list">
    <li
      v-for="(part, index) in all"
      :key="part"
      tabindex="0"
      draggable="true"
      title="Drag, or Alt with the arrow keys"
      @dragstart="dragged = index"
      @dragover.prevent
      @drop="move(dragged, index)"
      @dragend="dragged = -1"
      @keydown="key($event, index)"
    >
      <span>{{ names[part] }}</span>
      <button
        type="button"
        :aria-label="`Move up: ${names[part]}`"
        :disabled="index === 0"
        @click="move(index, index - 1)"
      >
        <v-icon :icon="mdiArrowUp" size="16" />
      </button>
      <button
        type="button"
        :aria-label="`Move down: ${names[part]}`"
        :disabled="index === all.length - 1"
        @click="move(index, index + 1)"
      >
        <v-icon :icon="mdiArrowDown" size="16" />
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--hair);
}
li {
  display: flex;
  align-items: center;
  border-bottom: 1px solid var(--hair);
  cursor: grab;
}
span {
  flex: 1;
}
button {
  background: none;
  border: 0;
  padding: 4px;
  cursor: pointer;
  color: var(--soft);
}
button:disabled {
  opacity: 0.3;
}
</style>
