<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { states } from '../channels'
import { DangerButton, SidePanel, useAct, useNotice, WhenText } from '../shared'
import { origins } from './origins'
import { t } from './texts'

/** Everything about one subscriber. */
const props = defineProps<{
  siteId: number
  subscriberId: number
  row: Schemas['SubscriberView'] | undefined
  mayEdit: boolean
  zone: string | undefined
}>()
const emit = defineEmits<{ close: [] }>()
const on = () => ({ params: { path: { site: props.siteId, subscriber: props.subscriberId } } })
const { data: one, error } = useQuery({
  queryKey: ['subscriber', () => props.subscriberId],
  queryFn: () => take(api.GET('/api/sites/{site}/subscribers/{subscriber}', on())),
})
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const isSure = ref(false)
const isAway = computed(() => !!props.row?.leftAt || !!props.row?.suppressed)
const refresh = () =>
  Promise.all(
    ['subscribers', 'subscriber', 'segments', 'digests'].map((key) => queries.invalidateQueries({ queryKey: [key] })),
  )
const leave = () => take(api.POST('/api/sites/{site}/subscribers/{subscriber}/leave', on()))
const comeBack = () => take(api.POST('/api/sites/{site}/subscribers/{subscriber}/return', on()))

async function toggle(): Promise<void> {
  const [now, back, words] = isAway.value ? [comeBack, leave, t('resubscribed')] : [leave, comeBack, t('unsubscribed2')]
  await act.run(now)
  if (act.trouble.value) return
  say(`${one.value?.mail ?? ''} ${words}.`, async () => {
    await back()
    await refresh()
  })
  await refresh()
}

async function erase(): Promise<void> {
  const mail = one.value?.mail ?? ''
  await act.run(() => take(api.DELETE('/api/sites/{site}/subscribers/{subscriber}', on())))
  if (act.trouble.value) return
  say(t('everythingAboutMailDeleted', { mail }))
  emit('close')
  await refresh()
}
</script>

<template>
  <SidePanel :label="t('subscriber')" :width="420" @close="emit('close')">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <template v-if="one">
      <h2>{{ one.mail }}</h2>
      <dl>
        <template v-if="one.name"
          ><dt>{{ t('name') }}</dt>
          <dd>{{ one.name }}</dd></template
        >
        <template v-if="props.row"
          ><dt>{{ t('since') }}</dt>
          <dd>
            <WhenText :at="props.row.createdAt" :zone="props.zone" />,
            {{ one.form ? t('byForm', { form: one.form }) : origins[props.row.origin] }}
          </dd></template
        >
        <template v-if="props.row?.reason"
          ><dt>{{ t('consentNote') }}</dt>
          <dd>{{ props.row.reason }}</dd></template
        >
        <template v-if="one.consent"
          ><dt>{{ t('consent') }}</dt>
          <dd>
            “{{ one.consent }}”
            <template v-if="one.consentVersion">
              {{ t('wordingConsentversion', { consentVersion: one.consentVersion }) }}</template
            >
          </dd></template
        >
        <dt>{{ t('lastSeen') }}</dt>
        <dd><WhenText :at="one.seenAt" :zone="props.zone" /></dd>
        <dt>{{ t('digests') }}</dt>
        <dd>{{ one.digests.length ? one.digests.join(', ') : t('nothingPresent') }}</dd>
        <dt>{{ t('categories') }}</dt>
        <dd>{{ one.categories.length ? one.categories.join(', ') : t('everything') }}</dd>
        <dt>{{ t('segments') }}</dt>
        <dd>{{ one.segments.length ? one.segments.join(', ') : t('none') }}</dd>
        <template v-if="one.lastReturn"
          ><dt>{{ t('lastBounce') }}</dt>
          <dd>
            {{ one.lastReturn }}
            <template v-if="one.softBounces">{{ t('timesRow', { softBounces: one.softBounces }) }}</template>
          </dd></template
        >
        <template v-if="props.row?.pausedUntil"
          ><dt>{{ t('pausedUntil') }}</dt>
          <dd><WhenText :at="props.row.pausedUntil" :zone="props.zone" /></dd
        ></template>
      </dl>
      <div v-if="props.mayEdit" class="row acts">
        <v-btn size="small" variant="outlined" :loading="act.running.value" @click="toggle">{{
          isAway ? t('resubscribe') : t('unsubscribe')
        }}</v-btn>
        <v-btn v-if="!isSure" size="small" variant="text" @click="isSure = true">{{ t('deleteAllData') }}</v-btn>
        <DangerButton v-else size="small" :loading="act.running.value" @click="erase">{{
          t('deletePermanently')
        }}</DangerButton>
      </div>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <h3 class="group">{{ t('emailsReceived') }}</h3>
      <p v-if="one.received.length === 0" class="small soft">{{ t('nothingSoFar') }}</p>
      <ul>
        <li v-for="mail in one.received" :key="mail.editionId">
          <router-link :to="`/s/${props.siteId}/channels/mail?edition=${mail.editionId}`">{{
            mail.title || mail.digest
          }}</router-link>
          <span class="small soft"
            ><span v-if="mail.state !== 'delivered'" class="tag" :class="states[mail.state].tone">{{
              states[mail.state].name
            }}</span>
            {{ mail.digest }}, <WhenText :at="mail.at" :zone="props.zone"
          /></span>
        </li>
      </ul>
    </template>
  </SidePanel>
</template>

<style scoped>
.acts {
  gap: 6px;
  flex-wrap: wrap;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14px;
}
</style>
