<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, useSite, WhenText } from '../shared'
import CommentTabs from './CommentTabs.vue'
import { standings } from './words'
import { t } from './texts'
import { inSentence } from '../texts'

const { id, site } = useSite()
const record = useInfiniteQuery({
  queryKey: ['comment-record', id],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/comments/record', {
        params: { path: { site: id.value }, query: { before: pageParam || undefined } },
      }),
    ),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
})
const deeds = computed(() => record.data.value?.pages.flatMap((page) => page.deeds) ?? [])
const standingOf = (name: string | null | undefined) =>
  inSentence(standings[(name ?? '').toLowerCase() as Schemas['CommentStanding']] ?? name ?? '')
function what(deed: Schemas['DeedView']): string {
  switch (deed.kind) {
    case 'decided':
      return `${standingOf(deed.before)} → ${standingOf(deed.after)}`
    case 'edited':
      return t('textChanged')
    case 'moved':
      return t('movedAnotherConversation')
    case 'assigned':
      return deed.after ? t('assignedAfter', { after: deed.after }) : t('unassigned2')
    case 'withdrawn':
      return t('deletedByCommenter')
    case 'erased':
      return t('deletedPermanently')
  }
}
const ways: Record<Schemas['DeedWay'], string> = { workplace: '', mail: t('byEmailLink'), page: t('onThePage') }
const who = (deed: Schemas['DeedView']) =>
  [deed.personName || t('theCommenter'), ways[deed.way]].filter(Boolean).join(', ')
</script>

<template>
  <PageTitle :title="t('moderationLog')">
    <template #state>{{ t('allModerationActions') }}</template>
  </PageTitle>
  <CommentTabs />
  <div class="work">
    <p v-if="record.error.value" class="trouble" role="alert">{{ lineOf(record.error.value) }}</p>
    <p v-else-if="record.isPending.value" class="waiting">{{ t('readingRecord') }}</p>
    <p v-else-if="deeds.length === 0" class="empty">{{ t('noActionsYetEvery') }}</p>
    <table v-else class="ruled">
      <thead>
        <tr>
          <th>{{ t('comment') }}</th>
          <th>{{ t('action') }}</th>
          <th>{{ t('by') }}</th>
          <th>{{ t('when') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="deed in deeds" :key="deed.id">
          <td>
            <router-link class="link" :to="`/s/${id}/comments?comment=${deed.commentId}`">{{
              deed.author || t('deleted')
            }}</router-link>
            <span class="soft"> {{ t('onThreadtitle', { threadTitle: deed.threadTitle }) }}</span><br /><span
              class="small soft"
              >{{ deed.start }}</span
            >
            <p v-if="deed.kind === 'edited' && deed.before" class="small before">
              <del>{{ deed.before }}</del>
            </p>
          </td>
          <td>{{ what(deed) }}</td>
          <td>{{ who(deed) }}</td>
          <td class="soft"><WhenText :at="deed.at" :zone="site?.timeZone" /></td>
        </tr>
      </tbody>
    </table>
    <p v-if="record.hasNextPage.value" class="mt-4">
      <v-btn variant="outlined" :loading="record.isFetchingNextPage.value" @click="record.fetchNextPage()">{{
        t('showMore')
      }}</v-btn>
    </p>
  </div>
</template>

<style scoped>
td:first-child {
  max-width: 560px;
  overflow-wrap: anywhere;
}
.before {
  margin: 4px 0 0;
  white-space: pre-line;
}
</style>
