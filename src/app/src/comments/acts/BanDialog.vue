<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'

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
    ? { value: 'mail', title: `Email address ${props.mail}` }
    : { value: 'name', title: `Name “${props.author}” (if no email is given)` }
  const places = props.known.hasPlace
    ? [
        { value: 'place', title: 'IP address' },
        { value: 'network', title: 'IP range' },
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
    { value: 0, title: isPlace.value ? 'For thirty days' : 'Permanently' },
    { value: 1, title: 'For a day' },
    { value: 7, title: 'For a week' },
    { value: 30, title: 'For thirty days' },
    { value: 365, title: 'For a year' },
  ].filter((one) => !isPlace.value || one.value < 30),
)
const ofWriter = computed(() => props.known.writer.waiting + props.known.writer.public)
const pasts = computed(() => [
  { value: 'spam', title: 'Mark as spam' },
  { value: 'hidden', title: 'is hidden' },
  { value: '', title: 'Leave unchanged' },
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
        <p class="soft">New comments go straight to Spam. The commenter is not notified.</p>
        <v-select v-model="way" label="Ban by" :items="ways" />
        <p v-if="isPlace" class="soft small">
          Other people may share this address. It is deleted after 30 days, and so is the ban.
        </p>
        <v-select v-model="days" label="Duration" :items="spans" />
        <v-select
          v-model="past"
          :label="isWriter ? `Earlier comments (${ofWriter})` : 'Matching comments'"
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
