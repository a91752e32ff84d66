<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, nextTick, ref, watch } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { shortDate, WhenText } from '../../shared'
import { mentionWords } from '../../mentions'
import CasePart from './CasePart.vue'
import { rich, t } from '../texts'
import { listed, RichText } from '../../texts'

const props = defineProps<{
  siteId: number
  commentId: number
  zone: string | undefined
  opened: boolean
  lookers: string[]
}>()
const emit = defineEmits<{
  writer: [to: Schemas['CommentStanding']]
  unmark: [mark: Schemas['MarkView']]
  unnote: [note: Schemas['NoteView']]
}>()
const box = ref<HTMLElement | null>(null)
const { data: talk, error } = useQuery({
  queryKey: ['conversation', () => props.siteId, () => props.commentId],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/comments/{comment}/conversation', {
        params: { path: { site: props.siteId, comment: props.commentId } },
      }),
    ),
  placeholderData: (before) => before,
})
const { data: people } = useQuery({
  queryKey: ['members', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/people', { params: { path: { site: props.siteId } } })),
})
const assignee = computed(
  () => people.value?.find((person) => person.personId === talk.value?.case.assignedToId)?.name ?? null,
)
const current = computed(() => talk.value?.comments.find((one) => one.id === props.commentId))
const ofWriter = computed(() => (talk.value ? talk.value.case.writer.waiting + talk.value.case.writer.public : 0))
const byline = (one: Schemas['ThreadComment']) =>
  one.from
    ? t('mentionFromAnotherSite')
    : one.isTeam
      ? t('team')
      : one.isConfirmed
        ? t('emailConfirmedOne', { history: known(one) })
        : known(one)
const known = (one: Schemas['ThreadComment']) =>
  one.publishedBefore
    ? t('publishedbeforePublished', { publishedBefore: one.publishedBefore })
    : one.mail
      ? t('firstComment')
      : t('noEmailAddress')
const closing = computed(() => {
  if (!talk.value) return ''
  if (!talk.value.isOpen) return t('closed')
  return talk.value.closesAt ? t('openUntilWhen', { when: shortDate(talk.value.closesAt, props.zone) }) : ''
})
const kicker = computed(() =>
  [
    talk.value?.blogName,
    talk.value?.postDate ? shortDate(talk.value.postDate, props.zone) : talk.value?.identifier,
    closing.value,
  ]
    .filter(Boolean)
    .join(' · '),
)

watch([() => props.commentId, () => props.opened, talk], async () => {
  await nextTick()
  box.value?.querySelector('.current')?.scrollIntoView({ block: 'center' })
})
</script>

<template>
  <div ref="box" class="talk">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <template v-if="talk">
      <p v-if="props.lookers.length" class="lookers" role="status">
        {{ t('lookersAlsoViewing', { lookers: listed(props.lookers) }) }}
      </p>
      <div class="small soft">{{ kicker }}</div>
      <h2>
        <a v-if="talk.address" :href="talk.address" target="_blank" rel="noopener">{{ talk.title }}</a><template
          v-else
          >{{ talk.title }}</template
        >
      </h2>
      <article
        v-for="one in talk.comments"
        :key="one.id"
        class="comment"
        :class="{ current: one.id === props.commentId, dim: one.id !== props.commentId }"
        :style="{ marginLeft: `${one.depth * 26}px` }"
      >
        <div class="head">
          <b>{{ one.author }}</b> · {{ byline(one) }} · <WhenText :at="one.createdAt" :zone="props.zone" />
          <template v-if="one.standing === 'waiting' && one.id !== props.commentId"> {{ t('alsoWaiting') }}</template>
          <template v-if="one.editedAt">{{ t('edited') }}</template><template v-if="one.rating">
            · {{ '★'.repeat(one.rating) }}</template
          >
        </div>
        <p v-if="one.from" class="small soft from">
          {{ mentionWords[one.from.kind] }}
          <a :href="one.from.address" target="_blank" rel="noopener nofollow">{{
            one.from.title ?? one.from.host
          }}</a><template v-if="one.from.title"> · {{ one.from.host }}</template>
        </p>
        <!-- Made by the server from encoded text; holds paragraphs, lists, quotes, code, emphasis and links only. -->
        <!-- eslint-disable-next-line vue/no-v-html -->
        <div class="reading" v-html="one.html" />
        <a v-if="one.picture" :href="one.picture.address" target="_blank" rel="noopener" class="sent">
          <img
            :src="one.picture.address"
            :width="one.picture.width"
            :height="one.picture.height"
            :alt="one.picture.alt || t('pictureSentComment')"
          />
        </a>
        <CasePart
          v-if="one.id === props.commentId && !one.isTeam"
          :known="talk.case"
          :standing="one.standing"
          :zone="props.zone"
          :assignee="assignee"
          @unmark="emit('unmark', $event)"
          @unnote="emit('unnote', $event)"
        />
      </article>
      <p v-if="current" class="history">
        <RichText
          :of="
            current.mail
              ? rich('commenterMail', { name: current.author, mail: current.mail })
              : rich('commenterNoMail', { name: current.author })
          "
        /><template v-if="!current.isTeam">
          ·
          {{ t('commenterHistory', { before: current.publishedBefore, spam: talk.case.writer.spam })
          }}<template v-if="ofWriter > 1">
            <button class="link" @click="emit('writer', 'hidden')">{{ t('hideAllOfwriterBy', { ofWriter }) }}</button>
            <button class="link quiet" @click="emit('writer', 'spam')">
              {{ t('markAllOfwriterSpam', { ofWriter }) }}
            </button></template
          ></template
        >
      </p>
    </template>
  </div>
</template>

<style scoped>
.talk {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding: 18px 36px 24px;
}
h2 {
  font-size: 21px;
  line-height: 1.2;
  margin-top: 2px;
}
.comment {
  padding: 10px 0 10px 16px;
  border-left: 2px solid var(--rule);
  margin-top: 12px;
  max-width: 690px;
  overflow-wrap: anywhere;
}
.head {
  font-size: 13.5px;
  color: var(--soft);
}
.head b {
  color: var(--ink);
  font-size: 14.5px;
}
.dim,
.dim .head b {
  color: var(--soft);
}
.current {
  border-left: 4px solid var(--madder);
  background: var(--wash-m);
  padding: 12px 18px 14px 16px;
  border-radius: 0 6px 6px 0;
}
.reading :deep(a) {
  border-bottom: 2px solid var(--ochre);
  background: var(--wash-o);
}
.reading :deep(blockquote) {
  margin: 4px 0;
  padding-left: 12px;
  border-left: 2px solid var(--rule);
}
.reading :deep(pre) {
  overflow: auto;
}
.reading :deep(p) {
  margin: 4px 0 0;
}
.sent img {
  display: block;
  max-width: 100%;
  max-height: 320px;
  width: auto;
  height: auto;
  margin-top: 8px;
  border-radius: 6px;
}
.from {
  margin: 2px 0 0;
}
.lookers {
  margin: 0 0 8px;
  font-size: 13.5px;
  font-weight: 600;
  color: var(--ochre);
}
.history {
  font-size: 13.5px;
  color: var(--soft);
  margin-top: 14px;
  padding-top: 10px;
  border-top: 1px solid var(--hair);
  max-width: 760px;
}
.history .link {
  margin-left: 12px;
}
.history b {
  color: var(--ink);
}
@media (max-width: 860px) {
  .talk {
    padding: 12px 16px 90px;
  }
  .comment {
    margin-left: 0 !important;
  }
}
</style>
