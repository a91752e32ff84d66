<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useTemplateRef, watch } from 'vue'
import type { Schemas } from '../api'
import { NoteMark } from '../shared'
import { noteSize, placeOf } from './timeLine'
import { useNoteMoving, type MovingNote } from './useNoteMoving'
import { t } from './texts'
import { locale } from '../texts'

/** A note as it is drawn. */
export interface DrawnNote {
  key: string
  at: number
  row: number
  mark: Schemas['CoverageMark']
  words: string
  isOn: boolean
  isHeld: boolean
  isMovable: boolean
  count: number
}

/** A lane of the time line: its name, and notes where something went out or goes out; what waits can be moved. */
const props = defineProps<{
  name: string
  to: string
  hint: string
  isPaused: boolean
  start: number
  days: number
  now: number
  zone: string | undefined
  notes: DrawnNote[]
}>()
const emit = defineEmits<{ pick: [key: string]; move: [note: MovingNote]; width: [width: number] }>()
const track = useTemplateRef('track')
const { width } = useElementSize(track)
watch(width, (now) => emit('width', now), { immediate: true })
const rows = () => Math.max(1, ...props.notes.map((note) => note.row + 1))
const { moving, grab, drag, release, press, stop, endsMove } = useNoteMoving(
  track,
  () => props,
  (note) => emit('move', note),
)
const placeNow = (note: DrawnNote) =>
  moving.value?.key === note.key ? placeOf(moving.value.moment, props.start, props.days) : note.at
const told = (moment: number) =>
  new Intl.DateTimeFormat(locale, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: props.zone,
  }).format(moment)

function pick(key: string): void {
  if (!endsMove()) emit('pick', key)
}

function key(event: KeyboardEvent, note: DrawnNote): void {
  if (note.isMovable && press(event, note.key, note.at)) event.preventDefault()
}
</script>

<template>
  <div class="lane" :class="{ paused: props.isPaused }">
    <div class="name">
      <router-link :to="props.to">{{ props.name }}</router-link>
      <small>{{ props.hint }}</small>
    </div>
    <div
      ref="track"
      class="track"
      :style="{
        minHeight: `${Math.max(46, rows() * noteSize + 12)}px`,
        '--day': `${100 / (props.days > 2 ? props.days : props.days * 8)}%`,
      }"
    >
      <i v-if="props.now > 0 && props.now < 1" class="now" :style="{ left: `${props.now * 100}%` }" />
      <button
        v-for="note in props.notes"
        :key="note.key"
        class="note"
        :class="{ on: note.isOn, held: note.isHeld, movable: note.isMovable, moving: moving?.key === note.key }"
        :style="{ left: `${placeNow(note) * 100}%`, top: `${rows() === 1 ? 14 : note.row * noteSize + 6}px` }"
        :aria-label="note.words"
        :title="moving ? undefined : note.isMovable ? t('wordsDragUseMove', { words: note.words }) : note.words"
        @click="pick(note.key)"
        @pointerdown="note.isMovable && grab($event, note.key)"
        @pointermove="drag"
        @pointerup="release"
        @pointercancel="stop"
        @keydown="key($event, note)"
      >
        <NoteMark :mark="note.mark" /><sup v-if="note.count > 1">{{ note.count }}</sup>
        <span v-if="moving?.key === note.key" class="aim" :class="{ left: placeNow(note) > 0.8 }" role="status">{{
          told(moving.moment)
        }}</span>
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
  background: var(--ink);
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
.note.movable {
  cursor: grab;
  touch-action: none;
}
.note.moving {
  cursor: grabbing;
  z-index: 2;
}
.aim {
  position: absolute;
  left: 26px;
  top: 1px;
  background: var(--ink);
  color: var(--paper);
  font-size: 12px;
  line-height: 22px;
  padding: 0 8px;
  border-radius: 4px;
  white-space: nowrap;
}
.aim.left {
  left: auto;
  right: 26px;
}
.note.held {
  border-bottom: 2px solid var(--ochre);
}
</style>
