<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { DangerButton } from '../../shared'
import { t } from '../texts'

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
    ? { value: 'mail', title: t('emailAddressMail', { mail: props.mail }) }
    : { value: 'name', title: t('nameAuthorIfNo', { author: props.author }) }
  const places = props.known.hasPlace
    ? [
        { value: 'place', title: t('ipAddress') },
        { value: 'network', title: t('ipRange') },
      ]
    : []
  return [
    writer,
    ...props.known.hosts.map((host) => ({ value: t('hostHost', { host }), title: t('linksHost', { host }) })),
    ...places,
  ]
})
const way = ref(ways.value[0]!.value)
const days = ref(0)
const past = ref<Schemas['CommentStanding'] | ''>('spam')
const isPlace = computed(() => way.value === 'place' || way.value === 'network')
const spans = computed(() =>
  [
    { value: 0, title: isPlace.value ? t('thirtyDays') : t('permanently') },
    { value: 1, title: t('forADay') },
    { value: 7, title: t('forAWeek') },
    { value: 30, title: t('thirtyDays') },
    { value: 365, title: t('forAYear') },
  ].filter((one) => !isPlace.value || one.value < 30),
)
const ofWriter = computed(() => props.known.writer.waiting + props.known.writer.public)
const pasts = computed(() => [
  { value: 'spam', title: t('markSpam') },
  { value: 'hidden', title: t('isHidden') },
  { value: '', title: t('leaveUnchanged') },
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
        <h2>{{ t('banAuthor', { author: props.author }) }}</h2>
        <p class="soft">{{ t('newCommentsGoStraight') }}</p>
        <v-select v-model="way" :label="t('banBy')" :items="ways" />
        <p v-if="isPlace" class="soft small">
          {{ t('otherPeopleMayShare') }}
        </p>
        <v-select v-model="days" :label="t('duration')" :items="spans" />
        <v-select
          v-model="past"
          :label="isWriter ? t('earlierCommentsOfwriter', { ofWriter }) : t('matchingComments')"
          :items="pasts"
        />
        <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
        <div class="row">
          <DangerButton type="submit" :loading="props.running">{{ t('ban') }}</DangerButton><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('leaveIt') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
