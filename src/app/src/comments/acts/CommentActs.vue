<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { mdiDotsHorizontal } from '@mdi/js'
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import BanDialog from './BanDialog.vue'
import MoveDialog from './MoveDialog.vue'
import TextDialog from './TextDialog.vue'
import type { useModeration } from '../queue/useModeration'
import { AskDialog } from '../../shared'
import { t } from '../texts'

/** What can be done with a comment beside deciding and answering: a list to choose from, and what each asks first. */
const props = defineProps<{ comment: Schemas['QueuedComment']; desk: ReturnType<typeof useModeration> }>()
type Asked = 'ban' | 'edit' | 'note' | 'move' | 'clear' | 'erase'
const asked = ref<Asked | null>(null)
const isOpen = ref(false)
const path = () => ({ site: props.comment.siteId, comment: props.comment.id })
const { data: talk } = useQuery({
  queryKey: ['conversation', () => props.comment.siteId, () => props.comment.id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/{comment}/conversation', { params: { path: path() } })),
})
const { data: people } = useQuery({
  queryKey: ['members', () => props.comment.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/people', { params: { path: { site: props.comment.siteId } } })),
})
const own = () => talk.value?.comments.find((one) => one.id === props.comment.id)
const { acts, clearThread, decideWriter } = props.desk

async function finish(done: Promise<unknown>): Promise<void> {
  if ((await done) !== false) asked.value = null
}

const trust = () => acts.mark({ mark: 'trusted', by: 'mail', host: null, until: null, past: null })
const open = (what: Asked) => (asked.value = what)
/** The keys of the screen open the same. */
const openList = () => (isOpen.value = true)
defineExpose({ open, openList, trust })
</script>

<template>
  <v-menu v-model="isOpen" location="top end">
    <template #activator="{ props: activator }">
      <v-btn v-bind="activator" variant="text" :prepend-icon="mdiDotsHorizontal">{{ t('more') }} <kbd>M</kbd></v-btn>
    </template>
    <v-list density="compact" class="acts">
      <v-list-item :title="t('edit2')" :subtitle="'E'" @click="open('edit')" />
      <v-list-item :title="t('moveAnotherThread')" @click="open('move')" />
      <v-list-item :title="t('addInternalNote')" :subtitle="'N'" @click="open('note')" />
      <v-list-item v-if="own()?.mail" :title="t('trustCommenter')" :subtitle="'T'" @click="trust" />
      <v-divider />
      <v-list-subheader>{{ t('assignTo') }}</v-list-subheader>
      <v-list-item
        v-for="person in people"
        :key="person.personId"
        :title="person.name"
        :active="comment.assignedToId === person.personId"
        @click="acts.assign(person.personId)"
      />
      <v-list-item v-if="comment.assignedToId" :title="t('unassign')" @click="acts.assign(null)" />
      <v-divider />
      <v-list-item :title="t('hideAllByCommenter')" :subtitle="t('shift2')" @click="decideWriter('hidden')" />
      <v-list-item :title="t('hideWholeThread')" @click="open('clear')" />
      <v-list-item :title="t('deletePermanently')" class="m" @click="open('erase')" />
    </v-list>
  </v-menu>
  <BanDialog
    v-if="asked === 'ban' && talk && own()"
    :known="talk.case"
    :author="comment.author"
    :mail="own()?.mail"
    :running="desk.act.running.value"
    :trouble="desk.act.trouble.value || (Object.values(desk.act.fields.value)[0]?.[0] ?? '')"
    @done="(mark) => finish(acts.mark(mark))"
    @close="asked = null"
  />
  <TextDialog
    v-if="asked === 'edit' && own()"
    :title="t('editComment')"
    :about="t('readersSeeTeamEdited')"
    :label="t('comment')"
    :button="t('change')"
    :text="own()!.text"
    :rows="6"
    :running="desk.act.running.value"
    :trouble="desk.act.fields.value.text?.[0] ?? desk.act.trouble.value"
    @done="(text) => finish(acts.edit(text, own()!.text))"
    @close="asked = null"
  />
  <TextDialog
    v-if="asked === 'note'"
    :title="t('internalNote')"
    :about="t('onlyTeamSees')"
    :label="t('note')"
    :button="t('addNote')"
    text=""
    :rows="3"
    :running="desk.act.running.value"
    :trouble="desk.act.fields.value.text?.[0] ?? desk.act.trouble.value"
    @done="(text) => finish(acts.note(text))"
    @close="asked = null"
  />
  <MoveDialog
    v-if="asked === 'move'"
    :site-id="comment.siteId"
    :thread-id="comment.threadId"
    :running="desk.act.running.value"
    :trouble="desk.act.fields.value.threadId?.[0] ?? desk.act.trouble.value"
    @done="(thread) => finish(acts.move(thread))"
    @close="asked = null"
  />
  <AskDialog
    v-if="asked === 'clear'"
    :title="t('hideWholeConversation')"
    :text="t('allWaitingPublishedComments', { threadTitle: comment.threadTitle })"
    :button="t('hideEverything')"
    :running="desk.act.running.value"
    :trouble="desk.act.trouble.value"
    @done="finish(clearThread('hidden'))"
    @close="asked = null"
  />
  <AskDialog
    v-if="asked === 'erase'"
    :title="t('eraseCommentGood')"
    :text="t('textNameEmailRemoved')"
    :button="t('erase')"
    :running="desk.act.running.value"
    :trouble="desk.act.trouble.value"
    @done="finish(acts.erase())"
    @close="asked = null"
  />
</template>

<style scoped>
.acts :deep(.v-list-item-subtitle) {
  font-size: 12px;
}
kbd {
  margin-left: 8px;
  background: transparent;
  color: inherit;
  border-color: color-mix(in srgb, currentColor 45%, transparent);
}
@media (max-width: 860px) {
  kbd {
    display: none;
  }
}
</style>
