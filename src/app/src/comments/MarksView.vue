<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, useAct, useNotice, useSite, WhenText } from '../shared'
import CommentTabs from './CommentTabs.vue'
import { rich, t } from './texts'
import { RichText } from '../texts'

const { id, site } = useSite()
const queries = useQueryClient()
const { say } = useNotice()
const act = useAct()
const { data: marks, error } = useQuery({
  queryKey: ['comment-marks', id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/marks', { params: { path: { site: id.value } } })),
})
const ways: Record<Schemas['MarkedBy'], string> = {
  mail: t('email2'),
  name: t('name2'),
  place: t('ipAddress'),
  network: t('network'),
  host: t('linksHost2'),
}
const state = computed(() => {
  const banned = marks.value?.filter((mark) => mark.mark === 'banned').length ?? 0
  return t('bannedBannedMarksTrusted', { banned, trusted: (marks.value?.length ?? 0) - banned })
})

async function remove(mark: Schemas['MarkView']): Promise<void> {
  const path = { site: id.value, mark: mark.id }
  if (
    await act.run(
      async () => (await take(api.DELETE('/api/sites/{site}/comments/marks/{mark}', { params: { path } })), true),
    )
  )
    say(
      t('noLongerMarkShown', { mark: mark.mark === 'banned' ? t('bannedMark') : t('trustedMark'), shown: mark.shown }),
    )
  await queries.invalidateQueries({ queryKey: ['comment-marks'] })
}
</script>

<template>
  <PageTitle :title="t('bannedTrusted')">
    <template #state>{{ state }}</template>
  </PageTitle>
  <CommentTabs />
  <div class="work">
    <p v-if="error || act.trouble.value" class="trouble" role="alert">
      {{ error ? lineOf(error) : act.trouble.value }}
    </p>
    <p v-if="marks?.length === 0" class="empty">
      <RichText :of="rich('nobodyBannedTrusted')"
        ><template #queue="{ text }"
          ><router-link class="link" :to="`/s/${id}/comments`">{{ text }}</router-link></template
        ></RichText
      >
    </p>
    <table v-else-if="marks" class="ruled">
      <thead>
        <tr>
          <th>{{ t('nameAddress') }}</th>
          <th>{{ t('identifiedBy') }}</th>
          <th></th>
          <th class="wide">{{ t('until') }}</th>
          <th class="wide">{{ t('since') }}</th>
          <th></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="mark in marks" :key="mark.id">
          <td>
            <span class="t">{{ mark.shown }}</span>
          </td>
          <td class="soft">{{ ways[mark.by] }}</td>
          <td>
            <span class="tag" :class="mark.mark === 'banned' ? 'm' : 'v'">{{
              mark.mark === 'banned' ? t('bannedMark') : t('trustedMark')
            }}</span>
          </td>
          <td class="soft wide">
            <WhenText v-if="mark.until" :at="mark.until" :zone="site?.timeZone" /><template v-else>{{
              t('permanent')
            }}</template>
          </td>
          <td class="soft wide"><WhenText :at="mark.madeAt" :zone="site?.timeZone" /></td>
          <td>
            <button class="link" @click="remove(mark)">
              {{ mark.mark === 'banned' ? t('unban') : t('trustNoLonger') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
td:first-child {
  overflow-wrap: anywhere;
}
@media (max-width: 860px) {
  .wide {
    display: none;
  }
}
</style>
