<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useTemplateRef, watch } from 'vue'
import type { Schemas } from '../api/client'
import NoteMark from '../coverage/NoteMark.vue'
import { noteSize, span } from './timeLine'

/** A note as it is drawn. */
export interface DrawnNote {
  key: string
  at: number
  row: number
  mark: Schemas['CoverageMark']
  words: string
  isOn: boolean
  isHeld: boolean
  count: number
}

/** A lane of the time line: its name, and notes where something went out or goes out. */
const props = defineProps<{ name: string; to: string; hint: string; isPaused: boolean; now: number; notes: DrawnNote[] }>()
const emit = defineEmits<{ pick: [key: string]; width: [width: number] }>()
const track = useTemplateRef('track')
const { width } = useElementSize(track)
watch(width, (now) => emit('width', now), { immediate: true })
const rows = () => Math.max(1, ...props.notes.map((note) => note.row + 1))
</script>

<template>
  <div class="lane" :class="{ paused: props.isPaused }">
    <div class="name">
      <router-link :to="props.to">{{ props.name }}</router-link>
      <small>{{ props.hint }}</small>
    </div>
    <div ref="track" class="track" :style="{ minHeight: `${Math.max(46, rows() * noteSize + 12)}px`, '--day': `${100 / span}%` }">
      <i v-if="props.now > 0 && props.now < 1" class="now" :style="{ left: `${props.now * 100}%` }" />
      <button
        v-for="note in props.notes"
        :key="note.key"
        class="note"
        :class="{ on: note.isOn, held: note.isHeld }"
        :style="{ left: `${note.at * 100}%`, top: `${rows() === 1 ? 14 : note.row * noteSize + 6}px` }"
        :aria-label="note.words"
        :title="note.words"
        @click="emit('pick', note.key)"
      >
        <NoteMark :mark="note.mark" /><sup v-if="note.count > 1">{{ note.count }}</sup>
      </button>
    </div>
  </div>
</template>

<style scoped>
.lane {
  display: grid;
  grid-template-columns: 210px 1fr;
  border-bottom: 1px solid var(--hair);
}
.name {
  padding: 9px 12px 8px 0;
  display: grid;
  align-content: start;
  min-width: 0;
}
.name a {
  font-weight: 600;
  color: var(--ink);
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name small {
  color: var(--soft);
  font-size: 12.5px;
}
.paused .name small {
  color: var(--ochre);
  font-weight: 600;
}
.track {
  position: relative;
  background: repeating-linear-gradient(to right, var(--hair) 0 1px, transparent 1px var(--day));
}
.paused .track {
  opacity: 0.6;
}
.now {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 2px;
  background: var(--madder);
}
.note {
  position: absolute;
  background: none;
  border: 0;
  min-width: 24px;
  min-height: 24px;
  padding: 0;
  cursor: pointer;
  line-height: 1;
  border-radius: 4px;
}
.note sup {
  font-size: 10px;
  color: var(--soft);
}
.note.on {
  background: var(--sheet);
  box-shadow: 0 0 0 2px var(--verdigris);
}
.note.held {
  border-bottom: 2px solid var(--ochre);
}
</style>
