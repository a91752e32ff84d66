<script setup lang="ts">
import { mdiPin, mdiPinOutline } from '@mdi/js'
import { ref } from 'vue'
import type { Schemas } from '../api'
import { ArrangeList } from '../shared'
import { t } from './texts'

/** Posts pinned on top, and posts arranged by hand. */
const pinned = defineModel<number[]>('pinned', { required: true })
const arranged = defineModel<number[]>('arranged', { required: true })
const props = defineProps<{ byHand: boolean; posts: Schemas['FittingPost'][] }>()
const open = ref(false)

function pin(id: number): void {
  pinned.value = pinned.value.includes(id) ? pinned.value.filter((other) => other !== id) : [...pinned.value, id]
}

/** From the first move on every post seen here has its position. */
function arrange(posts: Schemas['FittingPost'][]): void {
  const moved = posts.map((post) => post.id)
  arranged.value = [...moved, ...arranged.value.filter((id) => !moved.includes(id))]
}
</script>

<template>
  <button type="button" class="link small" :aria-expanded="open || props.byHand" @click="open = !open">
    {{ pinned.length ? t('pinnedPinned', { pinned: pinned.length }) : t('pinPosts') }}
  </button>
  <ArrangeList
    v-if="open || props.byHand"
    class="small posts"
    :model-value="props.posts"
    :fixed="!props.byHand"
    :key-of="(post) => post.id"
    :name-of="(post) => post.title"
    @update:model-value="arrange"
  >
    <template #default="{ item: post }">
      <button
        type="button"
        class="pin"
        :aria-label="t('pinTopTitle', { title: post.title })"
        :aria-pressed="pinned.includes(post.id)"
        @click="pin(post.id)"
      >
        <v-icon
          :icon="pinned.includes(post.id) ? mdiPin : mdiPinOutline"
          size="16"
          :class="{ v: pinned.includes(post.id) }"
        />
      </button>
    </template>
  </ArrangeList>
</template>

<style scoped>
.posts {
  margin-top: 8px;
  max-height: 260px;
  overflow: auto;
}
.pin {
  background: none;
  border: 0;
  padding: 5px;
  cursor: pointer;
  color: var(--soft);
}
</style>
