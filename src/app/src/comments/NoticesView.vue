<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, useAct, useNotice, useSite, WhenText } from '../shared'
import CommentTabs from './CommentTabs.vue'

const { id, site } = useSite()
const queries = useQueryClient()
const { say } = useNotice()
const act = useAct()
const path = () => ({ params: { path: { site: id.value } } })
const { data: stored, error } = useQuery({
  queryKey: ['notice-wish', id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/notices', path())),
})
const wish = reactive({
  about: 'nothing' as Schemas['NoticeAbout'],
  everyHours: 0,
  isQuiet: false,
  from: '22:00',
  until: '07:00',
})
watch(
  stored,
  (now) => {
    if (!now) return
    Object.assign(wish, { about: now.about, everyHours: now.everyHours, isQuiet: !!now.quietFrom })
    if (now.quietFrom) wish.from = now.quietFrom.slice(0, 5)
    if (now.quietUntil) wish.until = now.quietUntil.slice(0, 5)
  },
  { immediate: true },
)
const abouts: { value: Schemas['NoticeAbout']; title: string }[] = [
  { value: 'nothing', title: 'No emails' },
  { value: 'reported', title: 'Reported comments' },
  { value: 'waiting', title: 'Waiting and reported comments' },
  { value: 'all', title: 'All comments except spam' },
]
const rhythms = [0, 1, 3, 6, 12, 24].map((hours) => ({
  value: hours,
  title: hours === 0 ? 'Immediately' : hours === 1 ? 'At most hourly' : `Every ${hours} hours at most`,
}))
const permission = ref(typeof Notification === 'undefined' ? 'unsupported' : Notification.permission)
const browser = computed(
  () =>
    ({
      granted: 'Browser notifications are on.',
      denied: 'Notifications are blocked. Allow them for this site in your browser settings.',
      unsupported: 'This browser does not support notifications.',
    })[permission.value as string],
)

async function save(): Promise<void> {
  const body = {
    about: wish.about,
    everyHours: wish.everyHours,
    quietFrom: wish.isQuiet ? `${wish.from}:00` : null,
    quietUntil: wish.isQuiet ? `${wish.until}:00` : null,
  }
  if (!(await act.run(() => take(api.PUT('/api/sites/{site}/comments/notices', { ...path(), body }))))) return
  say('Saved.')
  await queries.invalidateQueries({ queryKey: ['notice-wish'] })
}

async function allow(): Promise<void> {
  permission.value = await Notification.requestPermission()
}
</script>

<template>
  <PageTitle title="Notifications">
    <template #state>Your notifications for {{ site?.name }}.</template>
    <template #act><v-btn :loading="act.running.value" @click="save">Save</v-btn></template>
  </PageTitle>
  <CommentTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <div v-else-if="stored" class="work columns">
    <section class="form">
      <h2 class="group">By mail</h2>
      <p class="soft small">
        To {{ stored.mail }}. Each comment comes with links that publish, hide or mark it as spam, on a phone and
        without signing in, after one tap.
      </p>
      <v-select v-model="wish.about" label="Notify me about" :items="abouts" />
      <v-select
        v-model="wish.everyHours"
        label="How often"
        :items="rhythms"
        :disabled="wish.about === 'nothing'"
        :error-messages="act.fields.value.everyHours"
      />
      <v-checkbox v-model="wish.isQuiet" label="Pause during quiet hours" :disabled="wish.about === 'nothing'" />
      <div v-if="wish.isQuiet" class="row">
        <v-text-field v-model="wish.from" type="time" label="From" :error-messages="act.fields.value.quietFrom" />
        <v-text-field v-model="wish.until" type="time" label="Until" :error-messages="act.fields.value.quietUntil" />
      </div>
      <p v-if="wish.isQuiet" class="soft small">
        In the site’s time zone ({{ site?.timeZone }}). Notifications in this period arrive together afterwards, in one
        email.
      </p>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <p v-if="stored.lastSentAt" class="soft small">
        Last mail <WhenText :at="stored.lastSentAt" :zone="site?.timeZone" />.
      </p>
    </section>
    <section>
      <h2 class="group">Browser notifications</h2>
      <p class="mt-2">The number of waiting comments is always shown in the top bar.</p>
      <p v-if="browser" class="soft mt-2">{{ browser }}</p>
      <v-btn v-else class="mt-3" variant="outlined" @click="allow">Turn on browser notifications</v-btn>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 30rem) minmax(0, 1fr);
  align-items: start;
  gap: 10px 56px;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
