<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { counted } from '../../shared'

/** What a writer is banned by, until when, and what becomes of what they wrote before. */
const props = defineProps<{
  known: Schemas['CaseView']
  author: string
  mail: string | null | undefined
  running: boolean
  trouble: string
}>()
const emit = defineEmits<{ done: [mark: Schemas['MarkRequest']]; close: [] }>()

const ways = computed(() => {
  const writer = props.mail
    ? { value: 'mail', title: `The mail ${props.mail}` }
    : { value: 'name', title: `The name ${props.author}, where no mail is given` }
  const places = props.known.hasPlace
    ? [
        { value: 'place', title: 'The network address it came from' },
        { value: 'network', title: 'The whole network of that address' },
      ]
    : []
  return [writer, ...props.known.hosts.map((host) => ({ value: `host ${host}`, title: `Links to ${host}` })), ...places]
})
const way = ref(ways.value[0]!.value)
const days = ref(0)
const past = ref<Schemas['CommentStanding'] | ''>('spam')
const isPlace = computed(() => way.value === 'place' || way.value === 'network')
const spans = computed(() =>
  [
    { value: 0, title: isPlace.value ? 'For thirty days' : 'For good' },
    { value: 1, title: 'For a day' },
    { value: 7, title: 'For a week' },
    { value: 30, title: 'For thirty days' },
    { value: 365, title: 'For a year' },
  ].filter((one) => !isPlace.value || one.value < 30),
)
const ofWriter = computed(() => props.known.writer.waiting + props.known.writer.public)
const pasts = computed(() => [
  { value: 'spam', title: 'is marked as spam' },
  { value: 'hidden', title: 'is hidden' },
  { value: '', title: 'stays as it is' },
])
const isWriter = computed(() => way.value === 'mail' || way.value === 'name')

function finish(): void {
  const [by, host] = way.value.split(' ')
  const until = days.value ? new Date(Date.now() + days.value * 86_400_000).toISOString() : null
  emit('done', { mark: 'banned', by: by as Schemas['MarkedBy'], host: host ?? null, until, past: past.value || null })
}
</script>

<template>
  <v-dialog :model-value="true" max-width="520" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" novalidate @submit.prevent="finish">
        <h2>Ban {{ props.author }}</h2>
        <p class="soft">
          What comes in from now on is put aside as spam, where you still find it. The writer is not told.
        </p>
        <v-select v-model="way" label="Told by" :items="ways" />
        <p v-if="isPlace" class="soft small">
          Others may write from there too. Where a comment came from is forgotten after thirty days, and the ban with
          it.
        </p>
        <v-select v-model="days" label="How long" :items="spans" />
        <v-select
          v-model="past"
          :label="
            isWriter ? `What they wrote before (${counted(ofWriter, 'comment')})` : 'What waits or is public and fits'
          "
          :items="pasts"
        />
        <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
        <div class="row">
          <v-btn type="submit" color="secondary" :loading="props.running">Ban</v-btn
          ><v-btn variant="text" @click="emit('close')">Leave it</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
