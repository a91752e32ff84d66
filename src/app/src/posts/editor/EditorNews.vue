<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { exactDate, WhenText } from '../../shared'

/** What to know before writing on: who else is here, what waits, when it goes out. */
const props = defineProps<{
  others: string[]
  overtaken: string | null
  waiting: Schemas['WaitingView'] | null
  schedule: Schemas['PostView'] | null
  zone: string | undefined
}>()
const emit = defineEmits<{ drop: [] }>()
const names = computed(() => props.others.join(' and '))
const goesOut = computed(() =>
  props.schedule?.status === 'scheduled' && props.schedule.publishedAt
    ? exactDate(props.schedule.publishedAt, props.zone)
    : '',
)
</script>

<template>
  <p v-if="props.overtaken" class="trouble" role="alert">
    {{ props.overtaken }} has saved this post since you opened it. Copy your changes, reload the page and paste them.
  </p>
  <p v-else-if="props.others.length" class="hint" role="status">
    <b>{{ names }}</b> {{ props.others.length === 1 ? 'has' : 'have' }} this post open, too. The first save counts;
    nothing is lost.
  </p>
  <p v-if="props.waiting" class="hint">
    Unpublished changes by {{ props.waiting.by }}, saved <WhenText :at="props.waiting.savedAt" :zone="props.zone" />;
    readers see the post as it was.
    <button type="button" class="link" @click="emit('drop')">Discard changes</button>
  </p>
  <p v-if="goesOut" class="hint">Will be published {{ goesOut }}. {{ props.schedule?.clockNote }}</p>
</template>
