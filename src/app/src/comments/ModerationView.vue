<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { lineOf } from '../api'
import { PageTitle, relativeDate, useQueryValue, useSite } from '../shared'
import CommentTabs from './CommentTabs.vue'
import ConversationPart from './queue/ConversationPart.vue'
import DecisionKeys from './queue/DecisionKeys.vue'
import QueueChoices from './queue/QueueChoices.vue'
import CommentActs from './acts/CommentActs.vue'
import QueuePart from './queue/QueuePart.vue'
import { useLooking } from './queue/useLooking'
import { useModeration } from './queue/useModeration'
import { standings } from './words'
import { t } from './texts'

const { id, site } = useSite()
const standing = useQueryValue('standing')
const search = useQueryValue('search')
const picked = useQueryValue('comment')
const choice = useQueryValue('choice')
const everywhere = useQueryValue('everywhere')
const desk = useModeration(() => id.value, { standing, choice, search, everywhere, picked })
const {
  wanted,
  comments,
  counts,
  current,
  move,
  decide,
  decideWriter,
  undo,
  answer,
  deeds,
  act,
  queue,
  decidedToday,
  acts,
} = desk
const lookers = useLooking(current)
const list = useTemplateRef('list')
const answering = ref(false)
const text = ref('')
const isPhoneDetail = ref(false)
const state = computed(() => {
  if (!counts.value) return ''
  const total = counts.value[wanted.value]
  const oldest =
    wanted.value === 'waiting' && comments.value[0]
      ? t('oldestFromWhen', { when: relativeDate(comments.value[0].createdAt) })
      : ''
  return t('commentsOldestModeratedDecidedtoday', { total, oldest, decidedToday: decidedToday.value })
})

async function openAnswer(): Promise<void> {
  if (!current.value) return
  answering.value = true
  await nextTick()
  document.querySelector<HTMLTextAreaElement>('.answer textarea')?.focus()
}

async function sendAnswer(): Promise<void> {
  if (!(await answer(text.value))) return
  answering.value = false
  text.value = ''
}

const keys: Record<string, () => unknown> = {
  ArrowDown: () => move(1),
  ArrowUp: () => move(-1),
  1: () => decide('public'),
  2: () => decide('hidden'),
  3: () => decide('spam'),
  4: () => !isTeam.value && list.value?.open('ban'),
  d: () => decide('deleted'),
  e: () => list.value?.open('edit'),
  n: () => list.value?.open('note'),
  m: () => list.value?.openList(),
  t: () => list.value?.trust(),
  r: openAnswer,
  u: undo,
}
const isTeam = computed(() => !!current.value && current.value.trace === null && current.value.standing === 'public')
const ofWriter: Record<string, () => unknown> = {
  Digit2: () => decideWriter('hidden'),
  Digit3: () => decideWriter('spam'),
}
onKeyStroke((event) => {
  const target = event.target as HTMLElement
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    target.closest('input, textarea, [contenteditable], .v-overlay')
  )
    return
  // With Shift the same keys mean everything of the writer; what the key would write depends on the keyboard.
  const run = event.shiftKey
    ? (ofWriter[event.code] ?? keys[event.key.toLowerCase()])
    : (keys[event.key] ?? keys[event.key.toLowerCase()])
  if (!run) return
  event.preventDefault()
  void run()
})
</script>

<template>
  <PageTitle :title="standings[wanted]">
    <template #state>{{ state }}</template>
  </PageTitle>
  <CommentTabs />
  <p v-if="queue.error.value" class="work trouble" role="alert">{{ lineOf(queue.error.value) }}</p>
  <div v-else class="work split">
    <QueuePart
      v-model:standing="standing"
      :class="{ away: isPhoneDetail }"
      :comments="comments"
      :counts="counts"
      :picked="picked"
      :zone="site?.timeZone"
      :loading="queue.isPending.value"
      :everywhere="!!everywhere"
      :has-more="queue.hasNextPage.value"
      @pick="((picked = String($event)), (isPhoneDetail = true))"
      @more="queue.fetchNextPage()"
    >
      <QueueChoices v-model:choice="choice" v-model:search="search" v-model:everywhere="everywhere" :site-id="id" />
    </QueuePart>
    <div class="case" :class="{ away: !isPhoneDetail && current }">
      <button v-if="isPhoneDetail" class="link quiet back-to-queue" @click="isPhoneDetail = false">
        {{ t('backQueue') }}
      </button>
      <ConversationPart
        v-if="current"
        :site-id="current.siteId"
        :comment-id="current.id"
        :zone="site?.timeZone"
        :opened="isPhoneDetail"
        :lookers="lookers"
        @writer="decideWriter"
        @unmark="acts.unmark"
        @unnote="acts.unnote"
      />
      <div v-else-if="!queue.isPending.value" class="empty clear">
        <h2>{{ wanted === 'waiting' && !choice && !search ? t('nothingWaiting') : t('noComments') }}</h2>
        <p>
          {{ wanted === 'waiting' && !choice && !search ? t('nothingWaitingNewComments') : t('noCommentsMatchFilter') }}
        </p>
      </div>
      <form
        v-if="answering && current"
        class="answer"
        novalidate
        @submit.prevent="sendAnswer"
        @keydown.esc="answering = false"
        @keydown.ctrl.enter.prevent="sendAnswer"
      >
        <v-textarea
          v-model="text"
          :label="t('answerAuthor', { author: current.author })"
          rows="3"
          :error-messages="act.fields.value.text"
        />
        <div class="row mt-2">
          <v-btn type="submit" :loading="act.running.value">{{
            current.standing === 'waiting' ? t('publishReply') : t('reply')
          }}</v-btn><v-btn variant="text" @click="answering = false">{{ t('cancel') }}</v-btn>
        </div>
      </form>
      <p v-if="act.trouble.value" class="trouble mx-6" role="alert">{{ act.trouble.value }}</p>
      <DecisionKeys
        v-if="current || deeds.length"
        :standing="current?.standing ?? null"
        :is-team="isTeam"
        :last="deeds.at(-1) ?? null"
        @decide="decide"
        @ban="list?.open('ban')"
        @answer="openAnswer"
        @undo="undo"
      >
        <CommentActs v-if="current" ref="list" :comment="current" :desk="desk" />
      </DecisionKeys>
    </div>
  </div>
</template>

<style scoped>
.case {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  background: var(--sheet);
}
.clear {
  padding: 60px 36px;
  flex: 1;
}
.answer {
  padding: 12px 36px;
  border-top: 1px solid var(--rule);
}
.back-to-queue {
  display: none;
}
@media (max-width: 860px) {
  .away {
    display: none !important;
  }
  .case {
    min-height: calc(100vh - 240px);
  }
  .back-to-queue {
    display: block;
    padding: 12px 16px 0;
  }
  .answer {
    padding: 12px 16px;
  }
}
</style>
