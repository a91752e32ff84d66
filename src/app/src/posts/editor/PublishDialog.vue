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
  { value: 'review', name: 'Send for review' },
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
            It is added to its page, the feed and matching listings.
            {{
              props.receivers
                ? `${counted(props.receivers, 'subscriber')} will get an email.`
                : 'No emails will be sent.'
            }}
          </p>
        </template>
        <template v-else-if="way === 'later'">
          <v-text-field
            v-model="when"
            type="datetime-local"
            :label="`Date and time (${props.zone ?? 'time zone of the site'})`"
            :error-messages="props.fields.publishLocal"
          />
          <p class="soft small mt-2">
            It will be published automatically{{
              props.receivers ? `, and ${counted(props.receivers, 'subscriber gets', 'subscribers get')} an email` : ''
            }}.
          </p>
        </template>
        <template v-else>
          <v-select v-model="reviewer" :items="editors" label="Reviewer" />
          <v-textarea
            v-model="note"
            class="mt-3"
            rows="2"
            label="Message to the reviewer"
            :error-messages="props.fields.reviewNote"
          />
        </template>
        <p v-if="props.findings && way !== 'review'" class="o my-3">
          {{ counted(props.findings, 'issue') }}; see “Checks before publishing”.
        </p>
        <div class="row mt-4">
          <v-btn type="submit" :loading="props.running" :disabled="way === 'later' && !when">{{
            way === 'now'
              ? props.receivers
                ? `Publish and send ${counted(props.receivers, 'email')}`
                : 'Publish'
              : way === 'later'
                ? 'Schedule'
                : 'Send for review'
          }}</v-btn><v-btn variant="text" @click="open = false">Cancel</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
