<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { counted } from '../../shared'

/** Now, later, or to a colleague first. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{
  siteId: number
  post: Schemas['PostRequest']
  receivers: number
  findings: number
  zone: string | undefined
  mayPublish: boolean
  running: boolean
  fields: Record<string, string[]>
}>()
const emit = defineEmits<{
  go: [status: 'published' | 'scheduled' | 'inReview', extra: Partial<Schemas['PostRequest']>]
}>()
const way = ref<'now' | 'later' | 'review'>(props.mayPublish ? (props.post.publishLocal ? 'later' : 'now') : 'review')
const when = ref(props.post.publishLocal ?? '')
const reviewer = ref<number | null>(props.post.reviewerId ?? null)
const note = ref('')
const { data: members } = useQuery({
  queryKey: ['members', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/people', { params: { path: { site: props.siteId } } })),
})
const editors = computed(() => [
  { title: 'Any editor', value: null as number | null },
  ...(members.value ?? [])
    .filter((one) => one.role === 'owner' || one.role === 'editor')
    .map((one) => ({ title: one.name, value: one.personId as number | null })),
])
const ways = computed(() => [
  ...(props.mayPublish
    ? [
        { value: 'now', name: 'Now' },
        { value: 'later', name: 'Later' },
      ]
    : []),
  { value: 'review', name: 'To a colleague first' },
])

function go(): void {
  if (way.value === 'now') emit('go', 'published', {})
  else if (way.value === 'later') emit('go', 'scheduled', { publishLocal: when.value })
  else emit('go', 'inReview', { reviewerId: reviewer.value, reviewNote: note.value || null })
}
</script>

<template>
  <v-dialog v-model="open" max-width="480">
    <v-card class="pa-6">
      <form @submit.prevent="go">
        <h2>Publish “{{ props.post.title }}”?</h2>
        <div class="chips my-3" role="radiogroup" aria-label="When">
          <button
            v-for="one in ways"
            :key="one.value"
            type="button"
            role="radio"
            class="chip"
            :aria-checked="way === one.value"
            :class="{ on: way === one.value }"
            @click="way = one.value as typeof way"
          >
            {{ one.name }}
          </button>
        </div>
        <template v-if="way === 'now'">
          <p class="my-3">
            It gets its page, joins the feed and every listing that chooses it.
            {{
              props.receivers
                ? `${counted(props.receivers, 'subscriber')} will get a mail.`
                : 'Nobody gets a mail: there are no subscribers, or they had one already.'
            }}
          </p>
        </template>
        <template v-else-if="way === 'later'">
          <v-text-field
            v-model="when"
            type="datetime-local"
            :label="`Day and time, on the clocks of ${props.zone ?? 'the site'}`"
            :error-messages="props.fields.publishLocal"
          />
          <p class="soft small mt-2">
            It goes out then by itself, also when nobody is here{{
              props.receivers ? `, and ${counted(props.receivers, 'subscriber')} get a mail` : ''
            }}.
          </p>
        </template>
        <template v-else>
          <v-select v-model="reviewer" :items="editors" label="Who looks it over?" />
          <v-textarea
            v-model="note"
            class="mt-3"
            rows="2"
            label="A word to go with it"
            :error-messages="props.fields.reviewNote"
          />
        </template>
        <p v-if="props.findings && way !== 'review'" class="o my-3">
          {{ counted(props.findings, 'finding is', 'findings are') }} worth a look first; they stand under “Before
          publishing”.
        </p>
        <div class="row mt-4">
          <v-btn type="submit" :loading="props.running" :disabled="way === 'later' && !when">{{
            way === 'now'
              ? props.receivers
                ? `Publish and send ${counted(props.receivers, 'mail')}`
                : 'Publish'
              : way === 'later'
                ? 'Schedule it'
                : 'Pass it on'
          }}</v-btn><v-btn variant="text" @click="open = false">Not yet</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
