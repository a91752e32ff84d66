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
    {{ props.overtaken }} has saved this post since you opened it. Your text is kept here: copy what you changed, load
    the page again and put it in.
  </p>
  <p v-else-if="props.others.length" class="hint" role="status">
    <b>{{ names }}</b> {{ props.others.length === 1 ? 'has' : 'have' }} this post open too. Whoever saves first is kept;
    the other is told, and loses nothing.
  </p>
  <p v-if="props.waiting" class="hint">
    Changes by {{ props.waiting.by }} wait here, last kept <WhenText :at="props.waiting.savedAt" :zone="props.zone" />;
    readers see the post as it was.
    <button type="button" class="link" @click="emit('drop')">Forget the changes</button>
  </p>
  <p v-if="goesOut" class="hint">Goes out {{ goesOut }}. {{ props.schedule?.clockNote }}</p>
</template>
