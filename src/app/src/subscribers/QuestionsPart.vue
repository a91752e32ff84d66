<script setup lang="ts">
import { useInfiniteQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { AskButton, WhenText, useAct, useNotice } from '../shared'
import { t } from './texts'

/** What readers asked through the forms in posts. */
const props = defineProps<{ siteId: number; mayEdit: boolean; zone: string | undefined }>()
const queries = useQueryClient()
const { trouble, run } = useAct()
const { say } = useNotice()
const { data, error, isPending, hasNextPage, fetchNextPage } = useInfiniteQuery({
  queryKey: ['questions', () => props.siteId],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/questions', {
        params: { path: { site: props.siteId }, query: { before: pageParam || undefined } },
      }),
    ),
  initialPageParam: 0,
  getNextPageParam: (page) => page.next ?? undefined,
})
const all = computed(() => data.value?.pages.flatMap((page) => page.questions) ?? [])
const pathOf = (one: Schemas['QuestionView']) => ({ params: { path: { site: props.siteId, question: one.id } } })
const answer = (one: Schemas['QuestionView']) =>
  `mailto:${encodeURIComponent(one.mail)}?subject=${encodeURIComponent(t('rePosttitle', { postTitle: one.postTitle ?? t('yourQuestion') }))}&body=${encodeURIComponent(`\n\n> ${one.message.replace(/\n/g, '\n> ')}`)}`

async function settle(one: Schemas['QuestionView'], isDone: boolean): Promise<void> {
  await run(() => take(api.PUT('/api/sites/{site}/questions/{question}/done', { ...pathOf(one), body: { isDone } })))
  await queries.invalidateQueries({ queryKey: ['questions'] })
  if (isDone) say(t('markedAnswered'), () => settle(one, false))
}

async function remove(one: Schemas['QuestionView']): Promise<void> {
  await run(() => take(api.DELETE('/api/sites/{site}/questions/{question}', pathOf(one))))
  await queries.invalidateQueries({ queryKey: ['questions'] })
}
</script>

<template>
  <p v-if="trouble || error" class="trouble" role="alert">{{ trouble || lineOf(error) }}</p>
  <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
  <div v-else-if="all.length === 0" class="empty">
    <h2>{{ t('noQuestionsYet') }}</h2>
    <p>{{ t('addContactFormPost') }}</p>
  </div>
  <ul v-else>
    <li v-for="one in all" :key="one.id" :class="{ done: one.doneAt }">
      <p>
        <b>{{ one.name }}</b>{{ ' ' }}
        <span class="soft small">{{ one.mail }} · <WhenText :at="one.createdAt" :zone="props.zone" /></span>
        <span v-if="one.doneAt" class="tag v ml-2">{{ t('answered') }}</span>
      </p>
      <blockquote>{{ one.message }}</blockquote>
      <p class="row small">
        <a class="link" :href="answer(one)" @click="settle(one, true)">{{ t('replyByEmail') }}</a>
        <button type="button" class="link" @click="settle(one, !one.doneAt)">
          {{ one.doneAt ? t('openAgain') : t('answered') }}
        </button>
        <router-link v-if="one.postId" class="link" :to="`/s/${props.siteId}/posts/${one.postId}`">{{
          one.postTitle
        }}</router-link>
        <AskButton
          v-if="props.mayEdit"
          class="link quiet"
          :title="t('deleteQuestionOf', { name: one.name })"
          :text="t('cannotBeUndone')"
          :button="t('delete')"
          :act="() => remove(one)"
          >{{ t('delete') }}</AskButton
        >
      </p>
    </li>
  </ul>
  <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" @click="fetchNextPage()">{{ t('olderQuestions') }}</v-btn>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
  max-width: 52rem;
}
li {
  border-bottom: 1px solid var(--rule);
  padding: 14px 0;
  overflow-wrap: anywhere;
}
li.done blockquote {
  color: var(--soft);
}
blockquote {
  margin: 6px 0;
  padding-left: 12px;
  border-left: 3px solid var(--madder);
  white-space: pre-line;
}
</style>
