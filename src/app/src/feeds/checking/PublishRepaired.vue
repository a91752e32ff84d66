<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, useAct, useSite } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const props = defineProps<{ url: string }>()
const { id, mayEdit } = useSite()
const made = ref<Schemas['WatchedFeedView'] | null>(null)
const act = useAct()
const queries = useQueryClient()

async function publish(): Promise<void> {
  made.value =
    (await act.run(() =>
      take(
        api.POST('/api/sites/{site}/watched', {
          params: { path: { site: id.value } },
          body: { address: props.url, name: null, publishRepaired: true },
        }),
      ),
    )) ?? null
  await queries.invalidateQueries({ queryKey: ['watched'] })
}
</script>

<template>
  <v-btn v-if="mayEdit && !made" height="32" :loading="act.running.value" @click="publish">{{
    t('publishCorrectedFeed')
  }}</v-btn>
  <p v-if="act.fields.value.address || act.trouble.value" class="trouble" role="alert">
    {{ act.fields.value.address?.[0] ?? act.trouble.value }}
  </p>
  <div v-if="made?.repair" class="hint" role="status">
    <RichText :of="rich('publishedCorrected')" />
    <div class="row">
      <a class="address" :href="made.repair.address" target="_blank" rel="noopener">{{
        made.repair.address
      }}</a><CopyButton :text="made.repair.address" :label="t('copyAddressRepairedFeed')" /><router-link
        class="link small"
        :to="`/s/${id}/feeds/watched/${made.id}`"
        >{{ t('history') }}</router-link
      >
    </div>
  </div>
</template>

<style scoped>
.hint {
  width: 100%;
}
</style>
