<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { Schemas } from '../api/client'
import NoteMark from '../coverage/NoteMark.vue'
import { exactDate } from '../shared/dates'
import { noteSize, notesOf, span, type LaneNote } from './timeLine'
import { acts, kinds, markOf, states } from './words'

/** One channel over time: what went out and what is to come. */
const props = defineProps<{
  channel: Schemas['ChannelView']
  items: Schemas['TimeLineItem'][]
  start: number
  now: number
  picked: string
  zone: string | undefined
  siteId: number
}>()
const emit = defineEmits<{ pick: [id: number] }>()
const track = useTemplateRef('track')
const { width } = useElementSize(track)
const notes = computed(() => notesOf(props.items, props.start, width.value))
const rows = computed(() => Math.max(1, ...notes.value.map((note) => note.row + 1)))

function said(note: LaneNote): string {
  const one = note.items[0]!
  const what = one.act === 'publish' || one.act === 'tell' ? '' : `${acts[one.act]}: `
  const held = one.held ? (one.held === 'approval' ? ', waits for approval' : ', held') : ''
  return `${what}${one.title}, ${states[one.state].name.toLowerCase()}${held}, ${exactDate(one.at, props.zone)}${note.items.length > 1 ? `, ${note.items.length} places` : ''}`
}
</script>

<template>
  <div class="lane" :class="{ paused: props.channel.pausedAt }">
    <div class="name">
      <router-link :to="`/s/${props.siteId}/channels/set-up?channel=${props.channel.id}`">{{ props.channel.name }}</router-link>
      <small>{{ props.channel.pausedAt ? (props.channel.pauseReason ? 'paused by itself' : 'paused') : kinds[props.channel.kind].name }}</small>
    </div>
    <div ref="track" class="track" :style="{ minHeight: `${Math.max(46, rows * noteSize + 12)}px`, '--day': `${100 / span}%` }">
      <i v-if="props.now > 0 && props.now < 1" class="now" :style="{ left: `${props.now * 100}%` }" />
      <button
        v-for="note in notes"
        :key="note.items[0]!.id"
        class="note"
        :class="{ on: note.items.some((one) => props.picked === String(one.id)), held: note.items[0]!.held }"
        :style="{ left: `${note.at * 100}%`, top: `${rows === 1 ? 14 : note.row * noteSize + 6}px` }"
        :aria-label="said(note)"
        :title="said(note)"
        @click="emit('pick', note.items[0]!.id)"
      >
        <NoteMark :mark="markOf[note.items[0]!.state]" /><sup v-if="note.items.length > 1">{{ note.items.length }}</sup>
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
