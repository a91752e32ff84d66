<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, take, type Schemas } from '../api/client'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useAct } from '../shared/useAct'
import { useNotice } from '../shared/useNotice'

const props = defineProps<{ siteId: number; post: Schemas['PostDeliveriesView']; mayAct: boolean }>()
const path = () => ({ site: props.siteId, post: props.post.postId })
const { data: deliveries } = useQuery({
  queryKey: ['deliveries', path],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/mail/{post}', { params: { path: path() } })),
  refetchInterval: 3_000,
})
const { running, trouble, run } = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const states: Record<Schemas['DeliveryState'], { name: string; tone: string }> = {
  queued: { name: 'Queued', tone: 'o' },
  sending: { name: 'Sending', tone: 'o' },
  delivered: { name: 'Delivered', tone: 'v' },
  retrying: { name: 'Retrying', tone: 'o' },
  failed: { name: 'Failed', tone: 'm' },
  cancelled: { name: 'Cancelled', tone: 'plain' },
}

async function act(what: 'retry' | 'cancel'): Promise<void> {
  const done = await run(() =>
    what === 'retry'
      ? take(api.POST('/api/sites/{site}/channels/mail/{post}/retry', { params: { path: path() } }))
      : take(api.POST('/api/sites/{site}/channels/mail/{post}/cancel', { params: { path: path() } })),
  )
  if (done) say(what === 'retry' ? `${counted(done.count, 'mail')} on the way again.` : `${counted(done.count, 'mail')} cancelled.`)
  for (const key of ['mail', 'deliveries', 'coverage']) void queries.invalidateQueries({ queryKey: [key] })
}
</script>

<template>
  <section class="panel">
    <div class="row head">
      <h2>{{ props.post.title }}</h2>
      <template v-if="props.mayAct">
        <v-btn v-if="props.post.failed" size="small" :loading="running" @click="act('retry')">Try {{ counted(props.post.failed, 'failed mail') }} again</v-btn>
        <v-btn v-if="props.post.open" size="small" variant="outlined" color="secondary" :loading="running" @click="act('cancel')"
          >Cancel what is still here</v-btn
        >
      </template>
    </div>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <table class="ruled">
      <thead>
        <tr>
          <th>To</th>
          <th>State</th>
          <th class="num">Attempts</th>
          <th>The receiver said</th>
          <th>When</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in deliveries" :key="one.id">
          <td class="mail">{{ one.mail }}</td>
          <td>
            <span class="tag" :class="states[one.state].tone">{{ states[one.state].name }}</span>
          </td>
          <td class="num">{{ one.attempts }}</td>
          <td class="soft">{{ one.lastAnswer }}</td>
          <td class="soft">
            <template v-if="one.nextAttemptAt">next <WhenText :at="one.nextAttemptAt" /></template><WhenText v-else :at="one.deliveredAt ?? one.createdAt" />
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.panel {
  flex: 1;
  min-width: 0;
  background: var(--sheet);
  border-left: 1px solid var(--rule);
  padding: 16px 28px 40px;
  overflow-x: auto;
}
.head h2 {
  font-size: 22px;
  margin-right: auto;
}
.mail {
  overflow-wrap: anywhere;
}
@media (max-width: 860px) {
  .panel {
    border-left: 0;
    border-top: 1px solid var(--rule);
    padding: 14px 16px;
  }
}
</style>
