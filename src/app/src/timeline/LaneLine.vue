<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../api'
import { clockTime, exactDate } from '../shared'
import LaneFrame, { type DrawnNote } from './LaneFrame.vue'
import { notesOf, type LaneNote } from './timeLine'
import { useDeliveryMoving } from './useDeliveryMoving'
import { acts, kinds, markOf, states } from '../channels'
import { t } from './texts'
import { inSentence } from '../texts'

/** One channel over time: what went out and what is to come. */
const props = defineProps<{
  channel: Schemas['ChannelView']
  items: Schemas['TimeLineItem'][]
  start: number
  days: number
  now: number
  picked: string
  zone: string | undefined
  siteId: number
  mayMove: boolean
}>()
const emit = defineEmits<{ pick: [id: number] }>()
const width = ref(0)
const hint = computed(() => {
  if (props.channel.pausedAt) return props.channel.pauseReason ? t('pausedAutomatically') : t('paused2')
  if (props.channel.fullUntil)
    return t('rateLimitedUntilWhen', { when: clockTime(props.channel.fullUntil, props.zone) })
  return kinds[props.channel.kind].name
})
const move = useDeliveryMoving(
  () => props.siteId,
  () => props.zone,
)
const hand = (one: Schemas['TimeLineItem']) => props.mayMove && (one.state === 'queued' || one.state === 'retrying')
const notes = computed<DrawnNote[]>(() =>
  notesOf(props.items, props.start, props.days, width.value).map((note) => ({
    key: String(note.items[0]!.id),
    at: note.at,
    row: note.row,
    mark: markOf[note.items[0]!.state],
    words: said(note),
    isOn: note.items.some((item) => props.picked === String(item.id)),
    isHeld: !!note.items[0]!.held,
    isMovable: note.items.every(hand),
    count: note.items.length,
  })),
)

function moved(key: string, moment: number): void {
  const note = notesOf(props.items, props.start, props.days, width.value).find(
    (one) => String(one.items[0]!.id) === key,
  )
  if (note) void move(note.items, moment)
}

function said(note: LaneNote): string {
  const one = note.items[0]!
  return [
    one.act === 'publish' || one.act === 'tell' ? one.title : `${acts[one.act]}: ${one.title}`,
    inSentence(states[one.state].name),
    one.held && (one.held === 'approval' ? t('waitsApproval') : t('held2')),
    exactDate(one.at, props.zone),
    note.items.length > 1 && t('places', { items: note.items.length }),
  ]
    .filter(Boolean)
    .join(', ')
}
</script>

<template>
  <LaneFrame
    :name="props.channel.name"
    :to="`/s/${props.siteId}/channels/set-up?channel=${props.channel.id}`"
    :hint="hint"
    :is-paused="!!props.channel.pausedAt"
    :start="props.start"
    :days="props.days"
    :now="props.now"
    :zone="props.zone"
    :notes="notes"
    @width="width = $event"
    @pick="emit('pick', Number($event))"
    @move="moved($event.key, $event.moment)"
  />
</template>
