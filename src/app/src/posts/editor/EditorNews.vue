<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { exactDate, WhenText } from '../../shared'
import { rich, t } from '../texts'
import { listed, RichText } from '../../texts'

/** What to know before writing on: what was refused, who else is here, what waits, when it goes out. */
const props = defineProps<{
  others: string[]
  overtaken: string | null
  waiting: Schemas['WaitingView'] | null
  schedule: Schemas['PostView'] | null
  zone: string | undefined
  trouble: string
  fields: Record<string, string[]>
}>()
const emit = defineEmits<{ drop: [] }>()
// These are marked beside the text, or in the dialog that asks for them; others may be out of sight, in a closed part.
const near = ['title', 'bodyHtml', 'publishLocal', 'reviewNote']
const refused = computed(() => [
  ...(props.trouble ? [props.trouble] : []),
  ...Object.entries(props.fields)
    .filter(([name]) => !near.includes(name))
    .map(([, words]) => words[0]!),
])
const names = computed(() => listed(props.others))
const goesOut = computed(() =>
  props.schedule?.status === 'scheduled' && props.schedule.publishedAt
    ? exactDate(props.schedule.publishedAt, props.zone)
    : '',
)
</script>

<template>
  <p v-for="line in refused" :key="line" class="trouble" role="alert">{{ line }}</p>
  <p v-if="props.overtaken" class="trouble" role="alert">
    {{ t('overtakenHasSavedPost', { overtaken: props.overtaken }) }}
  </p>
  <p v-else-if="props.others.length" class="hint" role="status">
    <RichText :of="rich('othersHaveOpen', { names, others: props.others.length })" />
  </p>
  <p v-if="props.waiting" class="hint">
    <RichText :of="rich('unpublishedChangesBy', { by: props.waiting.by })"
      ><template #when><WhenText :at="props.waiting.savedAt" :zone="props.zone" /></template
    ></RichText>
    <button type="button" class="link" @click="emit('drop')">{{ t('discardChanges') }}</button>
  </p>
  <p v-if="goesOut" class="hint">
    {{ t('willPublishedGoesoutClocknote', { goesOut, clockNote: props.schedule?.clockNote }) }}
  </p>
</template>
