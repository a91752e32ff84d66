<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, lineOf, take } from '../../api'
import { CopyButton, exactDate, PageTitle, SeverityMark, useAct, useNotice, useSite, WhenText } from '../../shared'
import HistoryStrip from './HistoryStrip.vue'
import { stretchTone, stretchWords } from './stretches'
import { useRefresh } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const { id, site, mayEdit } = useSite()
const route = useRoute()
const router = useRouter()
const feedId = computed(() => Number(route.params.feed))
const { data, error, isPending } = useQuery({
  queryKey: ['watched', id],
  queryFn: () => take(api.GET('/api/sites/{site}/watched', { params: { path: { site: id.value } } })),
  refetchInterval: 10_000,
})
const feed = computed(() => data.value?.find((row) => row.id === feedId.value))
const act = useAct()
const { say } = useNotice()
const path = () => ({ site: id.value, feed: feedId.value })

const reload = useRefresh('watched', 'notices')

async function check(): Promise<void> {
  await act.run(() => take(api.POST('/api/sites/{site}/watched/{feed}/check', { params: { path: path() } })))
  await reload()
}

async function publish(isPublished: boolean): Promise<void> {
  await act.run(() =>
    take(api.PUT('/api/sites/{site}/watched/{feed}/repaired', { params: { path: path() }, body: { isPublished } })),
  )
  await reload()
}

async function leave(): Promise<void> {
  const left = feed.value!
  await act.run(() => take(api.DELETE('/api/sites/{site}/watched/{feed}', { params: { path: path() } })))
  if (act.trouble.value) return
  const body = { address: left.address, name: left.name, publishRepaired: false }
  say(t('stoppedMonitoringName', { name: left.name }), async () => {
    await take(api.POST('/api/sites/{site}/watched', { params: { path: { site: id.value } }, body }))
    await reload()
  })
  await reload()
  await router.push(`/s/${id.value}/feeds?tab=watched`)
}
</script>

<template>
  <PageTitle :title="feed?.name ?? t('watchedFeed')">
    <template #state
      ><template v-if="feed?.history[0]"
        ><b :class="stretchTone(feed.history[0])">{{ stretchWords(feed.history[0]) }}.</b>{{ ' '
        }}<RichText :of="rich('checkedAgain')"
          ><template #when><WhenText :at="feed.checkedAt" :zone="site?.timeZone" /></template
          ><template #next><WhenText :at="feed.nextCheckAt" :zone="site?.timeZone" /></template></RichText></template
    ></template>
    <template v-if="feed" #act
      ><v-btn variant="outlined" :to="`/s/${id}/feeds/check?url=${encodeURIComponent(feed.address)}`">{{
        t('fullReport')
      }}</v-btn
      ><v-btn v-if="mayEdit" :loading="act.running.value" @click="check">{{ t('checkNow') }}</v-btn></template
    >
  </PageTitle>
  <div class="work">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
    <div v-else-if="!feed" class="empty">
      <h2>{{ t('feedNotMonitored') }}</h2>
      <p>{{ t('somebodyMayHaveStopped') }}</p>
      <v-btn :to="`/s/${id}/feeds?tab=watched`">{{ t('monitoredFeeds') }}</v-btn>
    </div>
    <template v-else>
      <p class="address where">{{ feed.address }}</p>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <h2 class="group">{{ t('publishedRepaired') }}</h2>
      <div v-if="feed.repair" class="repair">
        <div class="row">
          <a class="address" :href="feed.repair.address" target="_blank" rel="noopener">{{
            feed.repair.address
          }}</a><CopyButton :text="feed.repair.address" :label="t('copyAddressRepairedFeed')" />
        </div>
        <p class="small soft">
          <template v-if="feed.repair.changes === null">{{ t('originalHasNotBeen') }}</template><RichText
            v-else
            :of="rich('changesMade', { changes: feed.repair.changes })"
            ><template #when><WhenText :at="feed.repair.changedAt" :zone="site?.timeZone" /></template
          ></RichText>
        </p>
        <button v-if="mayEdit" type="button" class="link quiet small" @click="publish(false)">
          {{ t('stopPublishing') }}
        </button>
      </div>
      <div v-else class="repair">
        <p class="soft">{{ t('publishCorrectedCopyOwn') }}</p>
        <v-btn v-if="mayEdit" variant="outlined" :loading="act.running.value" @click="publish(true)">{{
          t('publishRepaired')
        }}</v-btn>
      </div>
      <h2 class="group">{{ t('history') }}</h2>
      <HistoryStrip class="strip" :history="feed.history" />
      <article v-for="stretch in feed.history" :key="stretch.from">
        <p class="small soft when">
          <time :datetime="stretch.from" :title="exactDate(stretch.from, site?.timeZone)"
            ><WhenText :at="stretch.from" :zone="site?.timeZone" /></time
          ><br />{{ t('checks', { checks: stretch.checks }) }}
        </p>
        <div>
          <b :class="stretchTone(stretch)">{{ stretchWords(stretch) }}</b>
          <ul>
            <li v-for="finding in stretch.findings" :key="finding.rule">
              <SeverityMark :severity="finding.severity" /> {{ finding.message }}
              <span v-if="finding.line" class="address">{{ t('lineLine', { line: finding.line }) }}</span>
            </li>
          </ul>
        </div>
      </article>
      <p v-if="mayEdit && !feed.isOurs" class="leave">
        <button type="button" class="link quiet small" @click="leave">{{ t('stopMonitoring') }}</button>
      </p>
    </template>
  </div>
</template>

<style scoped>
.where {
  padding-top: 12px;
}
.repair {
  padding: 12px 0;
  display: grid;
  gap: 8px;
  justify-items: start;
}
.strip {
  margin: 14px 0 4px;
  max-width: 60rem;
}
article {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 18px;
  padding: 11px 0;
  border-bottom: 1px solid var(--hair);
}
ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  font-size: 14px;
}
li {
  padding: 2px 0;
  overflow-wrap: anywhere;
}
li svg {
  vertical-align: -2px;
  margin: 0 6px 0 0;
}
.leave {
  padding: 18px 0;
}
@media (max-width: 600px) {
  article {
    grid-template-columns: 1fr;
    gap: 2px;
  }
}
</style>
