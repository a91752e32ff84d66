<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { exactDate } from '../shared'
import LaneFrame, { type DrawnNote } from './LaneFrame.vue'
import { placeOf } from './timeLine'
import { rhythmWords } from '../mailing'
import { t } from './texts'
import { inSentence } from '../texts'

/** The digests over time, one lane each: what went out, and when the next goes. */
const props = defineProps<{ siteId: number; start: number; days: number; now: number; zone: string | undefined }>()
const router = useRouter()
const path = () => ({ site: props.siteId })
const digests = useQuery({
  queryKey: ['digests', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/digests', { params: { path: path() } })),
})
const editions = useQuery({
  queryKey: ['lane-editions', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/editions', { params: { path: path(), query: {} } })),
  refetchInterval: 5_000,
})
const markOf = (one: Schemas['EditionView']): Schemas['CoverageMark'] =>
  one.failed ? 'failed' : one.state === 'cancelled' ? 'leftOut' : one.state === 'sent' ? 'inPlace' : 'due'

function notesOf(digest: Schemas['DigestView']): DrawnNote[] {
  const gone = (editions.data.value?.editions ?? []).filter((one) => one.digestId === digest.id)
  const drawn = gone.map((one) => ({
    key: `edition=${one.id}`,
    at: placeOf(one.dueAt, props.start, props.days),
    mark: markOf(one),
    words: one.failed
      ? t('titleDeliveredTotalDelivered', {
          title: one.title,
          delivered: one.delivered,
          total: one.total,
          failed: one.failed,
          when: exactDate(one.dueAt, props.zone),
        })
      : t('titleDeliveredTotalDeliveredWhen', {
          title: one.title,
          delivered: one.delivered,
          total: one.total,
          when: exactDate(one.dueAt, props.zone),
        }),
    isHeld: !!one.pausedAt,
  }))
  if (digest.nextAt)
    drawn.push({
      key: '',
      at: placeOf(digest.nextAt, props.start, props.days),
      mark: 'due',
      words: t('goesOutWhen', { when: exactDate(digest.nextAt, props.zone) }),
      isHeld: false,
    })
  return drawn
    .filter((note) => note.at >= 0 && note.at < 1)
    .map((note) => ({ ...note, row: 0, isOn: false, isMovable: false, count: 1 }))
}

const lanes = computed(() => digests.data.value?.map((digest) => ({ digest, notes: notesOf(digest) })) ?? [])

function open(digest: number, key: string): void {
  void router.push(`/s/${props.siteId}/channels/mail${key ? `?${key}` : `/${digest}`}`)
}
</script>

<template>
  <LaneFrame
    v-for="lane in lanes"
    :key="lane.digest.id"
    :name="lane.digest.name"
    :to="`/s/${props.siteId}/channels/mail/${lane.digest.id}`"
    :hint="
      lane.digest.pausedAt
        ? t('paused2')
        : t('emailRhythm', { rhythm: inSentence(rhythmWords(lane.digest.settings.rhythm)) })
    "
    :is-paused="!!lane.digest.pausedAt"
    :start="props.start"
    :days="props.days"
    :now="props.now"
    :zone="props.zone"
    :notes="lane.notes"
    @pick="open(lane.digest.id, $event)"
  />
</template>
