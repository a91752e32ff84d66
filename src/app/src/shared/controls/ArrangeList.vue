<script setup lang="ts" generic="T">
import { ref } from 'vue'
import { useMoving } from '../acts/useMoving'
import MoveButtons from './MoveButtons.vue'
import { t } from '../texts'

/** A list that is put in order by dragging, by buttons, or by Alt with the arrow keys. Without `fixed` its items move. */
const items = defineModel<T[]>({ required: true })
const props = defineProps<{ keyOf: (item: T) => string | number; nameOf: (item: T) => string; fixed?: boolean }>()
const list = ref<HTMLElement | null>(null)
const { dragged, move, key } = useMoving(
  list,
  () => items.value,
  (moved) => (items.value = moved),
)
</script>

<template>
  <ol ref="list">
    <li
      v-for="(item, index) in items"
      :key="props.keyOf(item)"
      :tabindex="props.fixed ? undefined : 0"
      :draggable="!props.fixed"
      :class="{ held: dragged === index }"
      :title="props.fixed ? undefined : t('dragAltArrowKeys')"
      @dragstart="dragged = index"
      @dragover.prevent
      @drop="move(dragged, index)"
      @dragend="dragged = -1"
      @keydown="props.fixed || key($event, index)"
    >
      <span class="name">{{ props.nameOf(item) }}</span>
      <MoveButtons
        v-if="!props.fixed"
        :name="props.nameOf(item)"
        :index="index"
        :count="items.length"
        @move="(to) => move(index, to)"
      />
      <slot :item="item" />
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
</style>
