<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, ref, watch } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, useAct, useNotice, useSite, WhenText } from '../shared'
import CommentTabs from './CommentTabs.vue'
import { rich, t } from './texts'
import { RichText } from '../texts'

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
  { value: 'nothing', title: t('noEmails') },
  { value: 'reported', title: t('reportedComments') },
  { value: 'waiting', title: t('waitingReportedComments') },
  { value: 'all', title: t('allCommentsExceptSpam') },
]
const rhythms = [0, 1, 3, 6, 12, 24].map((hours) => ({
  value: hours,
  title: hours === 0 ? t('immediately') : hours === 1 ? t('mostHourly') : t('everyHoursHoursMost', { hours }),
}))
const permission = ref(typeof Notification === 'undefined' ? 'unsupported' : Notification.permission)
const browser = computed(
  () =>
    ({
      granted: t('browserNotifications'),
      denied: t('notificationsBlockedAllowThem'),
      unsupported: t('browserDoesNotSupport'),
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
  say(t('saved'))
  await queries.invalidateQueries({ queryKey: ['notice-wish'] })
}

async function allow(): Promise<void> {
  permission.value = await Notification.requestPermission()
}
</script>

<template>
  <PageTitle :title="t('notifications')">
    <template #state>{{ t('notificationsName', { name: site?.name }) }}</template>
    <template #act
      ><v-btn :loading="act.running.value" @click="save">{{ t('save') }}</v-btn></template
    >
  </PageTitle>
  <CommentTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <div v-else-if="stored" class="work columns">
    <section class="form">
      <h2 class="group">{{ t('byMail') }}</h2>
      <p class="soft small">
        {{ t('mailEachCommentComes', { mail: stored.mail }) }}
      </p>
      <v-select v-model="wish.about" :label="t('notifyMeAbout')" :items="abouts" />
      <v-select
        v-model="wish.everyHours"
        :label="t('howOften')"
        :items="rhythms"
        :disabled="wish.about === 'nothing'"
        :error-messages="act.fields.value.everyHours"
      />
      <v-switch v-model="wish.isQuiet" :label="t('pauseDuringQuietHours')" :disabled="wish.about === 'nothing'" />
      <div v-if="wish.isQuiet" class="row">
        <v-text-field v-model="wish.from" type="time" :label="t('from')" :error-messages="act.fields.value.quietFrom" />
        <v-text-field
          v-model="wish.until"
          type="time"
          :label="t('until')"
          :error-messages="act.fields.value.quietUntil"
        />
      </div>
      <p v-if="wish.isQuiet" class="soft small">
        {{ t('sitesTimeZoneTimezone', { timeZone: site?.timeZone }) }}
      </p>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <p v-if="stored.lastSentAt" class="soft small">
        <RichText :of="rich('lastMail')"
          ><template #when><WhenText :at="stored.lastSentAt" :zone="site?.timeZone" /></template
        ></RichText>
      </p>
    </section>
    <section>
      <h2 class="group">{{ t('browserNotifications2') }}</h2>
      <p class="mt-2">{{ t('numberWaitingCommentsAlways') }}</p>
      <p v-if="browser" class="soft mt-2">{{ browser }}</p>
      <v-btn v-else class="mt-3" variant="outlined" @click="allow">{{ t('turnBrowserNotifications') }}</v-btn>
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
