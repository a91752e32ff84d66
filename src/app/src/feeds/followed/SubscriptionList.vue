<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { FilePick, useAct } from '../../shared'
import { rich, t } from '../texts'
import SubscriptionChoice from './SubscriptionChoice.vue'
import { RichText } from '../../texts'

const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const result = ref<Schemas['OpmlResult'] | null>(null)
const act = useAct()
const queries = useQueryClient()

const text = ref('')
const offer = ref<Schemas['OpmlOffer'] | null>(null)
const path = () => ({ params: { path: { site: props.siteId } } })

async function open([file]: File[]): Promise<void> {
  result.value = null
  text.value = await file!.text()
  const body = { text: text.value }
  offer.value =
    (await act.run(() => take(api.POST('/api/sites/{site}/followed/list/offer', { ...path(), body })))) ?? null
}

async function follow(only: string[]): Promise<void> {
  const body = { text: text.value, only }
  const followed = await act.run(() => take(api.POST('/api/sites/{site}/followed/list', { ...path(), body })))
  if (!followed) return
  result.value = followed
  offer.value = null
  for (const key of ['followed', 'blogs']) await queries.invalidateQueries({ queryKey: [key] })
}
</script>

<template>
  <div class="row small">
    <span class="soft">{{ t('allFollowedFeedsOpml') }}</span>
    <a class="link" :href="`/api/sites/${props.siteId}/followed/list.opml`" download="followed-feeds.opml">{{
      t('export')
    }}</a>
    <FilePick v-if="props.mayEdit" accept=".opml,.xml,text/xml,text/x-opml" @files="open">{{
      act.running.value ? t('importing') : t('importOpml')
    }}</FilePick>
  </div>
  <SubscriptionChoice
    v-if="offer"
    :offer="offer"
    :running="act.running.value"
    :trouble="act.trouble.value"
    @follow="follow"
    @close="offer = null"
  />
  <p v-else-if="act.fields.value.text || act.trouble.value" class="trouble" role="alert">
    {{ act.fields.value.text?.[0] ?? act.trouble.value }}
  </p>
  <div v-if="result" class="hint" role="status">
    <RichText :of="rich('feedsFollowed', { added: result.added.length, known: result.known.length })" />
    <p v-for="line in [...result.refused, ...(result.problem ? [result.problem] : [])]" :key="line" class="small m">
      {{ line }}
    </p>
  </div>
</template>
