<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, useAct, useNotice, useSite, WhenText } from '../shared'
import CommentTabs from './CommentTabs.vue'

const { id, site } = useSite()
const queries = useQueryClient()
const { say } = useNotice()
const act = useAct()
const { data: marks, error } = useQuery({
  queryKey: ['comment-marks', id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/marks', { params: { path: { site: id.value } } })),
})
const ways: Record<Schemas['MarkedBy'], string> = {
  mail: 'email',
  name: 'name',
  place: 'IP address',
  network: 'network',
  host: 'links to this host',
}
const state = computed(() => {
  const banned = marks.value?.filter((mark) => mark.mark === 'banned').length ?? 0
  return `${banned} banned, ${(marks.value?.length ?? 0) - banned} trusted.`
})

async function remove(mark: Schemas['MarkView']): Promise<void> {
  const path = { site: id.value, mark: mark.id }
  if (
    await act.run(
      async () => (await take(api.DELETE('/api/sites/{site}/comments/marks/{mark}', { params: { path } })), true),
    )
  )
    say(`No longer ${mark.mark}: ${mark.shown}.`)
  await queries.invalidateQueries({ queryKey: ['comment-marks'] })
}
</script>

<template>
  <PageTitle title="Banned and trusted">
    <template #state>{{ state }}</template>
  </PageTitle>
  <CommentTabs />
  <div class="work">
    <p v-if="error || act.trouble.value" class="trouble" role="alert">
      {{ error ? lineOf(error) : act.trouble.value }}
    </p>
    <p v-if="marks?.length === 0" class="empty">
      Nobody is banned or trusted. In the <router-link class="link" :to="`/s/${id}/comments`">queue</router-link>, press
      4 to ban or T to trust a commenter.
    </p>
    <table v-else-if="marks" class="ruled">
      <thead>
        <tr>
          <th>Name or address</th>
          <th>Identified by</th>
          <th></th>
          <th class="wide">Until</th>
          <th class="wide">Since</th>
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
              mark.mark === 'banned' ? 'banned' : 'trusted'
            }}</span>
          </td>
          <td class="soft wide">
            <WhenText v-if="mark.until" :at="mark.until" :zone="site?.timeZone" /><template v-else>permanent</template>
          </td>
          <td class="soft wide"><WhenText :at="mark.madeAt" :zone="site?.timeZone" /></td>
          <td>
            <button class="link" @click="remove(mark)">
              {{ mark.mark === 'banned' ? 'Lift the ban' : 'Trust no longer' }}
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
