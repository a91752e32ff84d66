<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { OneOf } from '../../shared'
import { t } from '../texts'

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
  { title: t('anyEditor'), value: null as number | null },
  ...(members.value ?? [])
    .filter((one) => one.role === 'owner' || one.role === 'editor')
    .map((one) => ({ title: one.name, value: one.personId as number | null })),
])
const ways = computed(() => [
  ...(props.mayPublish
    ? [
        { value: 'now', name: t('now') },
        { value: 'later', name: t('later') },
      ]
    : []),
  { value: 'review', name: t('sendReview2') },
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
        <h2>{{ t('publishTitle', { title: props.post.title }) }}</h2>
        <OneOf
          v-model="way"
          class="my-3"
          :label="t('when')"
          :choices="ways.map((one) => [one.value, one.name] as const)"
        />
        <template v-if="way === 'now'">
          <p class="my-3">
            {{
              props.receivers ? t('addedItsPageFeed', { receivers: props.receivers }) : t('addedItsPageFeedMatching')
            }}
          </p>
        </template>
        <template v-else-if="way === 'later'">
          <v-text-field
            v-model="when"
            type="datetime-local"
            :label="t('dateTimeZone', { zone: props.zone ?? t('timeZoneSite') })"
            :error-messages="props.fields.publishLocal"
          />
          <p class="soft small mt-2">
            {{
              props.receivers
                ? t('willPublishedAutomaticallySubscribers', { receivers: props.receivers })
                : t('willPublishedAutomatically')
            }}
          </p>
        </template>
        <template v-else>
          <v-select v-model="reviewer" :items="editors" :label="t('reviewer')" />
          <v-textarea
            v-model="note"
            class="mt-3"
            rows="2"
            :label="t('messageReviewer')"
            :error-messages="props.fields.reviewNote"
          />
        </template>
        <p v-if="props.findings && way !== 'review'" class="o my-3">
          {{ t('issuesSeeChecksBefore', { findings: props.findings }) }}
        </p>
        <div class="row mt-4">
          <v-btn type="submit" :loading="props.running" :disabled="way === 'later' && !when">{{
            way === 'now'
              ? props.receivers
                ? t('publishSendEmails', { receivers: props.receivers })
                : t('publish')
              : way === 'later'
                ? t('schedule')
                : t('sendReview2')
          }}</v-btn><v-btn variant="text" @click="open = false">{{ t('cancel') }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
