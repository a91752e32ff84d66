<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../api/client'
import { exactDate } from '../shared/dates'
import LaneFrame, { type DrawnNote } from './LaneFrame.vue'
import { notesOf, type LaneNote } from './timeLine'
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
const width = ref(0)
const hint = computed(() => (props.channel.pausedAt ? (props.channel.pauseReason ? 'paused by itself' : 'paused') : kinds[props.channel.kind].name))
const notes = computed<DrawnNote[]>(() =>
  notesOf(props.items, props.start, width.value).map((note) => ({
    key: String(note.items[0]!.id),
    at: note.at,
    row: note.row,
    mark: markOf[note.items[0]!.state],
    words: said(note),
    isOn: note.items.some((one) => props.picked === String(one.id)),
    isHeld: !!note.items[0]!.held,
    count: note.items.length,
  })),
)

function said(note: LaneNote): string {
  const one = note.items[0]!
  const what = one.act === 'publish' || one.act === 'tell' ? '' : `${acts[one.act]}: `
  const held = one.held ? (one.held === 'approval' ? ', waits for approval' : ', held') : ''
  return `${what}${one.title}, ${states[one.state].name.toLowerCase()}${held}, ${exactDate(one.at, props.zone)}${note.items.length > 1 ? `, ${note.items.length} places` : ''}`
}
</script>

<template>
  <LaneFrame
    :name="props.channel.name"
    :to="`/s/${props.siteId}/channels/set-up?channel=${props.channel.id}`"
    :hint="hint"
    :is-paused="!!props.channel.pausedAt"
    :now="props.now"
    :notes="notes"
    @width="width = $event"
    @pick="emit('pick', Number($event))"
  />
</template>
