<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { counted, PageTitle, useQueryValue, useSite, WhenText } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import CheckPart from './CheckPart.vue'
import MovesPart from './MovesPart.vue'
import PageLayer from './PageLayer.vue'
import PlacePart from './PlacePart.vue'
import TransferPart from './TransferPart.vue'

const { id, site, mayEdit } = useSite()
const search = useQueryValue('search')
const searched = refDebounced(search, 250)
const { data: threads, error } = useQuery({
  queryKey: ['threads', id, searched],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/threads', {
        params: { path: { site: id.value }, query: { search: searched.value || undefined } },
      }),
    ),
  placeholderData: (before) => before,
})
const setting = ref<Schemas['ThreadView'] | null>(null)
</script>

<template>
  <PageTitle title="All threads">
    <template #state>{{ counted(threads?.length ?? 0, 'thread') }}.</template>
  </PageTitle>
  <CommentTabs />
  <div class="work columns">
    <section>
      <h2 class="group">Add comments to a page</h2>
      <PlacePart :site-id="id" :site-address="site?.address" />
      <details class="fold">
        <summary class="group">Check pages</summary>
        <CheckPart :site-id="id" :site-address="site?.address" />
      </details>
      <template v-if="mayEdit">
        <details class="fold">
          <summary class="group">Move or merge threads</summary>
          <MovesPart :site-id="id" />
        </details>
        <details class="fold">
          <summary class="group">Import and export</summary>
          <TransferPart :site-id="id" />
        </details>
      </template>
    </section>
    <section>
      <h2 class="group">All threads</h2>
      <v-text-field
        v-model="search"
        class="find"
        density="compact"
        label="Search threads"
        clearable
        hide-details
        @click:clear="search = ''"
      />
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="threads?.length === 0" class="waiting">
        {{ search ? 'No threads found.' : 'No threads yet. One is created with the first comment.' }}
      </p>
      <table v-else class="ruled">
        <thead>
          <tr>
            <th>Page</th>
            <th class="num">Public</th>
            <th class="num">Waiting</th>
            <th>Last comment</th>
            <th></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="thread in threads" :key="thread.id">
            <td>
              <a class="t" :href="thread.address ?? undefined" target="_blank" rel="noopener">{{
                thread.title
              }}</a><br /><span class="address">{{ thread.identifier }}</span>
            </td>
            <td class="num">{{ thread.public }}</td>
            <td class="num" :class="{ m: thread.waiting }">{{ thread.waiting || '' }}</td>
            <td class="soft"><WhenText :at="thread.lastAt" :zone="site?.timeZone" /></td>
            <td>
              <button v-if="mayEdit && !thread.postId" class="link" @click="setting = thread">Settings</button>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
  <PageLayer v-if="setting" :site-id="id" :thread="setting" @close="setting = null" />
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 26rem) minmax(0, 1fr);
  gap: 10px 48px;
}
.fold {
  margin-top: 22px;
}
.find {
  max-width: 320px;
  margin: 10px 0;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
