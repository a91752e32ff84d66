<script setup lang="ts">
import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, lineOf, take } from '../api'
import { PageTitle, useQueryValue, useSite, WhenText } from '../shared'
import AddSubscriber from './AddSubscriber.vue'
import ListDialog from './ListDialog.vue'
import ReaderTabs from './ReaderTabs.vue'
import SubscriberPanel from './SubscriberPanel.vue'
import { origins, standingOf } from './origins'
import { t } from './texts'

const { id, site, mayEdit } = useSite()
const search = useQueryValue('search')
const segment = useQueryValue('segment')
const picked = useQueryValue('subscriber')
const asked = refDebounced(search, 200)
const path = () => ({ site: id.value })
const { data, error, hasNextPage, fetchNextPage } = useInfiniteQuery({
  queryKey: ['subscribers', id, asked, segment],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/subscribers', {
        params: {
          path: path(),
          query: {
            search: asked.value || undefined,
            segment: Number(segment.value) || undefined,
            before: pageParam || undefined,
          },
        },
      }),
    ),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
})
const { data: segments } = useQuery({
  queryKey: ['segments', id],
  queryFn: () => take(api.GET('/api/sites/{site}/segments', { params: { path: path() } })),
})
const isBringing = ref(false)
const people = computed(() => data.value?.pages.flatMap((page) => page.subscribers) ?? [])
const counts = computed(() => data.value?.pages[0])
const choices = computed(() => [
  { value: '', title: t('all') },
  ...(segments.value ?? []).map((one) => ({ value: String(one.id), title: one.name })),
])
const isNarrow = computed(() => !!search.value || !!segment.value)
</script>

<template>
  <PageTitle :title="t('subscribers')"
    ><template #state v-if="counts">{{
      t('subscribersLeftUnsubscribed', { active: counts.active, left: counts.left })
    }}</template>
    <template #act v-if="mayEdit"
      ><v-btn variant="text" :href="`/api/sites/${id}/subscribers/list.csv`">{{ t('export') }}</v-btn
      ><v-btn variant="outlined" @click="isBringing = true">{{ t('import') }}</v-btn></template
    ></PageTitle
  >
  <ListDialog v-if="isBringing" v-model="isBringing" :site-id="id" />
  <ReaderTabs />
  <div class="work split">
    <div class="list" :class="{ away: picked }">
      <AddSubscriber v-if="mayEdit" :site-id="id" />
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <div v-if="(counts?.active ?? 0) > 0 || isNarrow" class="find">
        <v-text-field
          v-model="search"
          density="compact"
          :label="t('searchSubscribers')"
          hide-details
          clearable
          @click:clear="search = ''"
        />
        <v-select
          v-if="choices.length > 1"
          v-model="segment"
          :items="choices"
          density="compact"
          :label="t('segment')"
          hide-details
        />
      </div>
      <div v-if="counts && people.length === 0" class="empty">
        <h2>{{ isNarrow ? t('noSubscribersFound') : t('nobodyHasSubscribedYet') }}</h2>
        <p v-if="!isNarrow">
          {{ t('addSignUpForm') }}
        </p>
      </div>
      <table v-else class="ruled" :class="{ narrow: picked }">
        <thead>
          <tr>
            <th>{{ t('email') }}</th>
            <th class="wide extra">{{ t('name') }}</th>
            <th class="wide extra">{{ t('source') }}</th>
            <th>{{ t('since') }}</th>
            <th class="num wide">{{ t('emails') }}</th>
            <th>{{ t('state') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in people" :key="one.id" :class="{ on: picked === String(one.id) }">
            <td class="mail">
              <button class="who" @click="picked = String(one.id)">{{ one.mail }}</button>
            </td>
            <td class="wide extra soft">{{ one.name }}</td>
            <td class="wide extra soft small">
              {{ one.form ?? origins[one.origin] }}<template v-if="one.reason">: {{ one.reason }}</template>
            </td>
            <td class="soft"><WhenText :at="one.createdAt" :zone="site?.timeZone" /></td>
            <td class="num wide">{{ one.received }}</td>
            <td>
              <span class="tag" :class="standingOf(one).tone">{{ standingOf(one).word }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" @click="fetchNextPage()">{{ t('showMore') }}</v-btn>
    </div>
    <SubscriberPanel
      v-if="picked"
      :key="picked"
      :site-id="id"
      :subscriber-id="Number(picked)"
      :row="people.find((person) => String(person.id) === picked)"
      :may-edit="mayEdit"
      :zone="site?.timeZone"
      @close="picked = ''"
    />
  </div>
</template>

<style scoped>
.list {
  flex: 1;
  min-width: 0;
  padding: 14px 24px 40px;
}
.find {
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 260px);
  gap: 12px;
  margin-bottom: 10px;
}
.mail {
  overflow-wrap: anywhere;
}
.who {
  background: none;
  border: 0;
  padding: 2px 0;
  min-height: 24px;
  text-align: left;
  cursor: pointer;
  overflow-wrap: anywhere;
}
.who:hover {
  text-decoration: underline;
}
.narrow .extra {
  display: none;
}
.on td {
  background: var(--sheet);
}
@media (max-width: 860px) {
  .list {
    padding: 14px 16px 90px;
  }
  .list.away,
  .wide {
    display: none;
  }
  .find {
    grid-template-columns: 1fr;
  }
}
</style>
