<script setup lang="ts">
import type { Schemas } from '../api'
import { marks, NoteMark } from '../shared'

const props = defineProps<{
  cell: Schemas['CellView']
  place: Schemas['PlaceView']
  title: string
  first: boolean
  picked: boolean
}>()
const emit = defineEmits<{ pick: [] }>()
</script>

<template>
  <td :class="{ first: props.first, sel: props.picked }">
    <button
      :aria-label="`${props.title}, ${props.place.name}: ${marks[props.cell.mark].name}. ${props.cell.message}`"
      :title="props.cell.message"
      :aria-pressed="props.picked"
      @click="emit('pick')"
    >
      <b v-if="props.cell.count !== null && props.place.kind === 'comments'">{{ props.cell.count }}</b>
      <NoteMark v-else :mark="props.cell.mark" />
    </button>
  </td>
</template>

<style scoped>
td {
  border-top: 1px solid var(--hair);
  height: 48px;
  padding: 0;
  text-align: center;
  background: linear-gradient(var(--hair) 0 0) center/100% 1px no-repeat;
}
td.first {
  border-left: 1px solid var(--hair);
}
td.sel {
  outline: 2px solid var(--ink);
  outline-offset: -3px;
  border-radius: 6px;
}
button {
  width: 100%;
  height: 47px;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
}
button :deep(.n),
button b {
  background: var(--paper);
  box-shadow: 0 0 0 4px var(--paper);
}
button b {
  font-weight: 700;
  padding: 0 3px;
}
td:hover {
  background-color: var(--sheet);
}
td:hover :deep(.n),
td:hover b {
  background: var(--sheet);
  box-shadow: 0 0 0 4px var(--sheet);
}
</style>
