<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiPin, mdiPinOutline } from '@mdi/js'
import { ref } from 'vue'
import type { Schemas } from '../api'
import { useMoving } from '../shared'

const pinned = defineModel<number[]>('pinned', { required: true })
const arranged = defineModel<number[]>('arranged', { required: true })
const props = defineProps<{ byHand: boolean; posts: Schemas['FittingPost'][] }>()
const open = ref(false)

function pin(post: number): void {
  pinned.value = pinned.value.includes(post) ? pinned.value.filter((one) => one !== post) : [...pinned.value, post]
}

// From the first move on every post seen here has its place.
const list = ref<HTMLElement | null>(null)
const { dragged, move, key } = useMoving(
  list,
  () => props.posts.map((post) => post.id),
  (moved) => (arranged.value = [...moved, ...arranged.value.filter((one) => !moved.includes(one))]),
)
</script>

<template>
  <button type="button" class="link small" :aria-expanded="open || props.byHand" @click="open = !open">
    {{ pinned.length ? `Pinned: ${pinned.length}` : 'Pin posts' }}
  </button>
  <ol v-if="open || props.byHand" ref="list" class="small">
    <li
      v-for="(post, index) in props.posts"
      :key="post.id"
      :tabindex="props.byHand ? 0 : undefined"
      :draggable="props.byHand"
      :class="{ held: dragged === index }"
      :title="props.byHand ? 'Drag, or Alt with the arrow keys' : undefined"
      @dragstart="dragged = index"
      @dragover.prevent
      @drop="move(dragged, index)"
      @dragend="dragged = -1"
      @keydown="props.byHand && key($event, index)"
    >
      <span class="name">{{ post.title }}</span>
      <template v-if="props.byHand">
        <button
          type="button"
          :aria-label="`Move up: ${post.title}`"
          :disabled="index === 0"
          @click="move(index, index - 1)"
        >
          <v-icon :icon="mdiArrowUp" size="16" />
        </button>
        <button
          type="button"
          :aria-label="`Move down: ${post.title}`"
          :disabled="index === props.posts.length - 1"
          @click="move(index, index + 1)"
        >
          <v-icon :icon="mdiArrowDown" size="16" />
        </button>
      </template>
      <button
        type="button"
        :aria-label="`Pin on top: ${post.title}`"
        :aria-pressed="pinned.includes(post.id)"
        @click="pin(post.id)"
      >
        <v-icon
          :icon="pinned.includes(post.id) ? mdiPin : mdiPinOutline"
          size="16"
          :class="{ v: pinned.includes(post.id) }"
        />
      </button>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
  max-height: 260px;
  overflow: auto;
  border-top: 1px solid var(--hair);
}
li {
  display: flex;
  align-items: center;
  gap: 2px;
  border-bottom: 1px solid var(--hair);
}
li[draggable='true'] {
  cursor: grab;
}
.held {
  opacity: 0.5;
}
.name {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button:not(.link) {
  background: none;
  border: 0;
  padding: 5px;
  cursor: pointer;
  color: var(--soft);
}
button:disabled {
  opacity: 0.3;
}
</style>
