<script setup lang="ts">
import { useInfiniteQuery, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { SidePanel, useAct, useNotice, WhenText } from '../shared'
import { states } from '../channels'
import EditionResults from './EditionResults.vue'
import { rich, t } from './texts'
import { inSentence, RichText } from '../texts'

const props = defineProps<{ siteId: number; editionId: number; mayAct: boolean; zone: string | undefined }>()
const emit = defineEmits<{ close: [] }>()
const path = () => ({ site: props.siteId, edition: props.editionId })
const { data: detail, error } = useQuery({
  queryKey: ['edition', path],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/editions/{edition}', { params: { path: path() } })),
  refetchInterval: 2_000,
})
const mails = useInfiniteQuery({
  queryKey: ['edition-deliveries', path],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/channels/editions/{edition}/deliveries', {
        params: { path: path(), query: { after: pageParam || undefined } },
      }),
    ),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
  refetchInterval: 4_000,
})
const edition = computed(() => detail.value?.edition)
const rows = computed(() => mails.data.value?.pages.flatMap((page) => page.deliveries) ?? [])
const isOpen = computed(() => edition.value?.state === 'gathering' || edition.value?.state === 'sending')
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()
const refresh = () =>
  Promise.all(
    ['editions', 'edition', 'edition-deliveries', 'coverage'].map((key) =>
      queries.invalidateQueries({ queryKey: [key] }),
    ),
  )

async function setPaused(isPaused: boolean): Promise<void> {
  await act.run(() =>
    take(
      isPaused
        ? api.POST('/api/sites/{site}/channels/editions/{edition}/pause', { params: { path: path() } })
        : api.POST('/api/sites/{site}/channels/editions/{edition}/resume', { params: { path: path() } }),
    ),
  )
  await refresh()
}

async function cancel(): Promise<void> {
  const done = await act.run(() =>
    take(api.POST('/api/sites/{site}/channels/editions/{edition}/cancel', { params: { path: path() } })),
  )
  if (done) say(t('emailsCancelled', { emails: done.count }))
  await refresh()
}

async function retry(answer: string | null): Promise<void> {
  const done = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/channels/editions/{edition}/retry', { params: { path: path() }, body: { answer } }),
    ),
  )
  if (done) say(t('retryingEmails', { emails: done.count }))
  await refresh()
}
</script>

<template>
  <SidePanel :label="t('edition')" :width="600" @close="emit('close')">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <template v-if="detail && edition">
      <h2>{{ edition.title }}</h2>
      <p class="soft small">
        <RichText
          :of="
            rich('editionSumAt', {
              digest: edition.digest,
              delivered: edition.delivered,
              total: edition.total,
              open: edition.open,
            })
          "
          ><template #when><WhenText :at="edition.dueAt" :zone="props.zone" /></template
        ></RichText>
      </p>
      <div v-if="props.mayAct && isOpen" class="row acts">
        <v-btn size="small" :loading="act.running.value" @click="setPaused(!edition.pausedAt)">{{
          edition.pausedAt ? t('resumeSending') : t('pauseSending')
        }}</v-btn>
        <v-btn size="small" variant="outlined" :loading="act.running.value" @click="cancel">{{
          t('cancelUnsentEmails')
        }}</v-btn>
      </div>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <ul v-if="detail.causes.length" class="causes">
        <li v-for="cause in detail.causes" :key="cause.state + cause.answer">
          <span class="tag" :class="states[cause.state].tone"
            >{{ cause.count }} {{ inSentence(states[cause.state].name) }}</span
          >
          {{ cause.words || t('noResponse') }}
          <button v-if="props.mayAct" class="link small" @click="retry(cause.answer)">{{ t('retry') }}</button>
        </li>
      </ul>
      <EditionResults :detail="detail" :site-id="props.siteId" />
      <h3 class="group">{{ t('recipients') }}</h3>
      <table class="ruled">
        <thead>
          <tr>
            <th>{{ t('text2') }}</th>
            <th>{{ t('state') }}</th>
            <th>{{ t('serverResponse') }}</th>
            <th>{{ t('when') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in rows" :key="one.id">
            <td class="mail">{{ one.mail }}</td>
            <td>
              <span class="tag" :class="states[one.state].tone" :title="t('attempts', { attempts: one.attempts })">{{
                states[one.state].name
              }}</span>
            </td>
            <td class="soft mail">{{ one.lastAnswer }}</td>
            <td class="soft">
              <template v-if="one.nextAttemptAt"
                ><RichText :of="rich('nextAttempt')"
                  ><template #when><WhenText :at="one.nextAttemptAt" /></template></RichText></template
              ><WhenText v-else :at="one.deliveredAt ?? one.createdAt" />
            </td>
          </tr>
        </tbody>
      </table>
      <v-btn
        v-if="mails.hasNextPage.value"
        class="mt-4"
        variant="outlined"
        size="small"
        @click="mails.fetchNextPage()"
        >{{ t('more') }}</v-btn
      >
    </template>
  </SidePanel>
</template>

<style scoped>
.acts {
  gap: 8px;
  flex-wrap: wrap;
}
.causes {
  list-style: none;
  padding: 0;
  margin: 12px 0;
}
.causes li {
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14px;
  overflow-wrap: anywhere;
}
.ruled {
  font-size: 13.5px;
}
.mail {
  overflow-wrap: anywhere;
}
</style>
