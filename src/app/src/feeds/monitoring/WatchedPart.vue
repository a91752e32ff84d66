<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { CopyButton, useAct, useRefresh, WhenText } from '../../shared'
import HistoryStrip from './HistoryStrip.vue'
import { stretchTone, stretchWords } from './stretches'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const props = defineProps<{ siteId: number; zone?: string; mayEdit: boolean }>()
const { data, error, isPending } = useQuery({
  queryKey: ['watched', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/watched', { params: { path: { site: props.siteId } } })),
  refetchInterval: 10_000,
})
const address = ref('')
const repaired = ref(false)
const act = useAct()
const checking = ref(0)

const reload = useRefresh('watched', 'notices')

async function watchIt(): Promise<void> {
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/watched', {
        params: { path: { site: props.siteId } },
        body: { address: address.value, name: null, publishRepaired: repaired.value },
      }),
    ),
  )
  if (made) [address.value, repaired.value] = ['', false]
  await reload()
}

async function check(feed: Schemas['WatchedFeedView']): Promise<void> {
  checking.value = feed.id
  await act.run(() =>
    take(
      api.POST('/api/sites/{site}/watched/{feed}/check', { params: { path: { site: props.siteId, feed: feed.id } } }),
    ),
  )
  checking.value = 0
  await reload()
}
</script>

<template>
  <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="waiting">{{ t('readingFeeds') }}</p>
  <template v-else>
    <p class="soft small lead">
      {{ t('checkedRegularlyOwnersEditors') }}
    </p>
    <article v-for="feed in data" :key="feed.id" :data-watched="feed.id">
      <div>
        <h3>
          <router-link :to="`/s/${props.siteId}/feeds/watched/${feed.id}`">{{ feed.name }}</router-link>
        </h3>
        <p class="address">{{ feed.address }}</p>
      </div>
      <div>
        <HistoryStrip :history="feed.history" />
        <p class="small">
          <span v-if="feed.history[0]" :class="stretchTone(feed.history[0])">{{ stretchWords(feed.history[0]) }}</span>
          <span class="soft">
            ·
            <RichText :of="rich('checkedWhen')"
              ><template #when><WhenText :at="feed.checkedAt" :zone="props.zone" /></template></RichText
          ></span>
        </p>
      </div>
      <div class="repaired small">
        <template v-if="feed.repair"
          ><b>{{ t('correctedCopyPublished') }}</b>
          <CopyButton :text="feed.repair.address" :label="t('copyAddressRepairedFeed')" /></template
        ><span v-else-if="feed.isOurs" class="soft">{{ t('ourFeed') }}</span>
      </div>
      <div class="acts">
        <button
          v-if="props.mayEdit"
          type="button"
          class="link small"
          :disabled="checking === feed.id"
          @click="check(feed)"
        >
          {{ checking === feed.id ? t('checking') : t('checkNow') }}
        </button>
        <router-link class="link small" :to="`/s/${props.siteId}/feeds/watched/${feed.id}`">{{
          t('history')
        }}</router-link>
      </div>
    </article>
    <form v-if="props.mayEdit" novalidate @submit.prevent="watchIt">
      <v-text-field
        v-model="address"
        :label="t('feedAddress')"
        name="watch"
        :error-messages="act.fields.value.address"
      />
      <v-switch v-model="repaired" :label="t('publishCorrectedCopy')" />
      <v-btn type="submit" height="48" :loading="act.running.value && !checking" :disabled="!address.trim()">{{
        t('monitor')
      }}</v-btn>
    </form>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
  </template>
</template>

<style scoped>
.lead {
  padding-top: 10px;
}
article {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px 200px 150px;
  gap: 4px 24px;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
  align-items: center;
}
h3 {
  font-size: 18px;
}
h3 a:hover {
  text-decoration: underline;
}
.acts {
  display: flex;
  gap: 14px;
  justify-content: flex-end;
}
form {
  display: flex;
  gap: 14px;
  align-items: flex-start;
  padding: 18px 0;
  max-width: 54rem;
}
form > :first-child {
  flex: 1;
}
form .v-switch {
  flex: none;
  padding-top: 4px;
}
@media (max-width: 1000px) {
  article {
    grid-template-columns: minmax(0, 1fr);
  }
  .acts {
    justify-content: flex-start;
  }
  form {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
