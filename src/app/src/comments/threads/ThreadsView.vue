<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { PageTitle, useQueryValue, useSite, WhenText } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import CheckPart from './CheckPart.vue'
import MovesPart from './MovesPart.vue'
import PageLayer from './PageLayer.vue'
import PlacePart from './PlacePart.vue'
import TransferPart from './TransferPart.vue'
import { t } from '../texts'

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
  <PageTitle :title="t('allThreads')" help="thread">
    <template #state>{{ t('threads2', { threads: threads?.length ?? 0 }) }}.</template>
  </PageTitle>
  <CommentTabs />
  <div class="work columns">
    <section>
      <h2 class="group">{{ t('addCommentsPage') }}</h2>
      <PlacePart :site-id="id" :site-address="site?.address" />
      <details class="fold">
        <summary class="group">{{ t('checkPages') }}</summary>
        <CheckPart :site-id="id" :site-address="site?.address" />
      </details>
      <template v-if="mayEdit">
        <details class="fold">
          <summary class="group">{{ t('moveMergeThreads') }}</summary>
          <MovesPart :site-id="id" />
        </details>
        <details class="fold">
          <summary class="group">{{ t('importExport') }}</summary>
          <TransferPart :site-id="id" />
        </details>
      </template>
    </section>
    <section>
      <h2 class="group">{{ t('allThreads') }}</h2>
      <v-text-field
        v-model="search"
        class="find"
        density="compact"
        :label="t('searchThreads')"
        clearable
        hide-details
        @click:clear="search = ''"
      />
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="threads?.length === 0" class="waiting">
        {{ search ? t('noThreadsFound') : t('noThreadsYetOne') }}
      </p>
      <table v-else class="ruled">
        <thead>
          <tr>
            <th>{{ t('page') }}</th>
            <th class="num">{{ t('public') }}</th>
            <th class="num">{{ t('waiting') }}</th>
            <th class="when">{{ t('lastComment') }}</th>
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
            <td class="num" :class="{ o: thread.waiting }">{{ thread.waiting || '' }}</td>
            <td class="soft when"><WhenText :at="thread.lastAt" :zone="site?.timeZone" /></td>
            <td>
              <button v-if="mayEdit && !thread.postId" class="link" @click="setting = thread">
                {{ t('settings') }}
              </button>
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
@media (max-width: 560px) {
  .when {
    display: none;
  }
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
