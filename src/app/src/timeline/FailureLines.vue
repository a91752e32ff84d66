<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice } from '../shared'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** What failed, by channel and cause, each tried again in one go; and channels that paused by themselves. */
const props = defineProps<{ siteId: number; channels: Schemas['ChannelView'][]; mayAct: boolean }>()
const { data: causes } = useQuery({
  queryKey: ['failure-causes', () => props.siteId],
  queryFn: () =>
    take(api.GET('/api/sites/{site}/channels/deliveries/failures', { params: { path: { site: props.siteId } } })),
  refetchInterval: 10_000,
})
const act = useAct()
const queries = useQueryClient()
const { say } = useNotice()
const nameOf = (id: number) => props.channels.find((one) => one.id === id)?.name ?? ''
const stopped = computed(() => props.channels.filter((one) => one.pausedAt && one.pauseReason))
const reload = async () => {
  for (const key of ['failure-causes', 'channels', 'time-line', 'channel-delivery', 'coverage'])
    await queries.invalidateQueries({ queryKey: [key] })
}

async function retry(cause: Schemas['FailureCause']): Promise<void> {
  const path = { site: props.siteId, channel: cause.channelId }
  const done = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/channels/set-up/{channel}/retry', {
        params: { path },
        body: { answer: cause.answer },
      }),
    ),
  )
  if (done) say(t('retryingDeliveries', { deliveries: done.count }))
  await reload()
}

async function resume(channel: number): Promise<void> {
  await act.run(() =>
    take(
      api.POST('/api/sites/{site}/channels/set-up/{channel}/resume', {
        params: { path: { site: props.siteId, channel } },
      }),
    ),
  )
  await reload()
}
</script>

<template>
  <div v-if="causes?.length || stopped.length" class="failures">
    <p v-for="one in stopped" :key="`p${one.id}`" class="cause">
      <span><RichText :of="rich('pausedAfterFailures', { name: one.name, answer: one.pauseReason })" /></span>
      <v-btn v-if="props.mayAct" size="small" variant="outlined" :loading="act.running.value" @click="resume(one.id)">{{
        t('resume')
      }}</v-btn>
    </p>
    <p v-for="one in causes" :key="`${one.channelId} ${one.answer}`" class="cause">
      <span
        ><RichText :of="rich('deliveriesFailed', { name: nameOf(one.channelId), count: one.count, answer: one.words })"
      /></span>
      <v-btn v-if="props.mayAct" size="small" variant="outlined" :loading="act.running.value" @click="retry(one)">{{
        one.count === 1 ? t('retry') : t('retryAllCount', { count: one.count })
      }}</v-btn>
    </p>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
  </div>
</template>

<style scoped>
.failures {
  margin: 12px 24px 4px;
  border-left: 3px solid var(--madder);
  background: var(--wash-m);
  padding: 4px 14px;
}
.cause {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  margin: 6px 0;
  font-size: 14px;
  overflow-wrap: anywhere;
}
@media (max-width: 860px) {
  .failures {
    margin: 12px 16px;
  }
  .cause {
    flex-wrap: wrap;
  }
}
</style>
