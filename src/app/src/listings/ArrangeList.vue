<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiPin, mdiPinOutline } from '@mdi/js'
import { nextTick, ref } from 'vue'
import type { Schemas } from '../api/client'

const pinned = defineModel<number[]>('pinned', { required: true })
const arranged = defineModel<number[]>('arranged', { required: true })
const props = defineProps<{ byHand: boolean; posts: Schemas['FittingPost'][] }>()
const open = ref(false)
const dragged = ref(-1)
const list = ref<HTMLElement | null>(null)

function pin(post: number): void {
  pinned.value = pinned.value.includes(post) ? pinned.value.filter((one) => one !== post) : [...pinned.value, post]
}

/** Moves a post; from then on every post seen here has its place. */
async function move(from: number, to: number): Promise<void> {
  if (from < 0 || to < 0 || to >= props.posts.length || from === to) return
  const ids = props.posts.map((post) => post.id)
  ids.splice(to, 0, ...ids.splice(from, 1))
  arranged.value = [...ids, ...arranged.value.filter((one) => !ids.includes(one))]
  await nextTick()
  list.value?.querySelectorAll<HTMLElement>('li')[to]?.focus()
}

function key(event: KeyboardEvent, index: number): void {
  if (!props.byHand || !event.altKey || !['ArrowUp', 'ArrowDown'].includes(event.key)) return
  event.preventDefault()
  void move(index, index + (event.key === 'ArrowUp' ? -1 : 1))
}
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
      @keydown="key($event, index)"
    >
      <span class="name">{{ post.title }}</span>
      <template v-if="props.byHand">
        <button type="button" :aria-label="`Move up: ${post.title}`" :disabled="index === 0" @click="move(index, index - 1)">
          <v-icon :icon="mdiArrowUp" size="16" />
        </button>
        <button type="button" :aria-label="`Move down: ${post.title}`" :disabled="index === props.posts.length - 1" @click="move(index, index + 1)">
          <v-icon :icon="mdiArrowDown" size="16" />
        </button>
      </template>
      <button type="button" :aria-label="`Pin on top: ${post.title}`" :aria-pressed="pinned.includes(post.id)" @click="pin(post.id)">
        <v-icon :icon="pinned.includes(post.id) ? mdiPin : mdiPinOutline" size="16" :class="{ v: pinned.includes(post.id) }" />
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
