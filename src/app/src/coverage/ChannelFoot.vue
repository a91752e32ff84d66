<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api'
import { useAct, useNotice, WhenText } from '../shared'
import { t } from './texts'

/** What a channel says of a post, and what became of it there. */
const props = defineProps<{ siteId: number; postId: number; channelId: number; isPublic: boolean; mayEdit: boolean }>()
const path = () => ({ site: props.siteId, post: props.postId })
const { data } = useQuery({
  queryKey: ['board-channels', path],
  queryFn: () => take(api.GET('/api/sites/{site}/posts/{post}/channels', { params: { path: path() } })),
})
const one = computed(() => data.value?.find((channel) => channel.channelId === props.channelId))
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()

async function send(): Promise<void> {
  await act.run(() =>
    take(
      api.POST('/api/sites/{site}/posts/{post}/channels/{channel}', {
        params: { path: { ...path(), channel: props.channelId } },
        body: {},
      }),
    ),
  )
  if (act.trouble.value) return
  say(t('itsWayName', { name: one.value!.name }))
  for (const key of ['board-channels', 'coverage', 'time-line']) await queries.invalidateQueries({ queryKey: [key] })
}
</script>

<template>
  <div v-if="one" class="said">
    <p v-if="one.kind === 'social'" class="text">{{ one.text }}</p>
    <p v-if="one.delivery && one.at" class="small soft"><WhenText :at="one.at" /></p>
    <div class="row">
      <v-btn
        v-if="one.delivery"
        variant="outlined"
        size="small"
        :to="`/s/${props.siteId}/channels?delivery=${one.delivery.id}`"
        >{{ t('openDelivery') }}</v-btn
      >
      <v-btn v-else-if="props.isPublic && props.mayEdit" size="small" :loading="act.running.value" @click="send">{{
        t('sendNow')
      }}</v-btn>
    </div>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
  </div>
</template>

<style scoped>
.said {
  display: grid;
  gap: 8px;
}
.said p {
  margin: 0;
}
.text {
  white-space: pre-line;
  overflow-wrap: anywhere;
  border-left: 2px solid var(--rule);
  padding-left: 10px;
  max-height: 220px;
  overflow: auto;
}
</style>
