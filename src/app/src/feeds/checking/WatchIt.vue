<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../../api'
import { useAct, useNotice, useSite } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ url: string }>()
const { id, mayEdit } = useSite()
const { data } = useQuery({
  queryKey: ['watched', id],
  queryFn: () => take(api.GET('/api/sites/{site}/watched', { params: { path: { site: id.value } } })),
})
const watched = computed(() => data.value?.find((feed) => feed.address === props.url))
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()

async function watchIt(): Promise<void> {
  const body = { address: props.url, name: null, publishRepaired: false }
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/watched', { params: { path: { site: id.value } }, body })),
  )
  if (made) say(t('monitoringNameWillNotified', { name: made.name }))
  await queries.invalidateQueries({ queryKey: ['watched'] })
}
</script>

<template>
  <router-link v-if="watched" class="link" :to="`/s/${id}/feeds/watched/${watched.id}`">{{
    t('monitoredHistory')
  }}</router-link>
  <button v-else-if="mayEdit && data" type="button" class="link" :disabled="act.running.value" @click="watchIt">
    {{ t('monitorFeed') }}
  </button>
  <span v-if="act.trouble.value || act.fields.value.address" class="m" role="alert">{{
    act.trouble.value || act.fields.value.address?.[0]
  }}</span>
</template>
