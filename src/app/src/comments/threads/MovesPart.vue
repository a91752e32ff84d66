<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { OneOf, useAct, useNotice } from '../../shared'
import { t } from '../texts'

/** Moves and merges threads, by a list or by how addresses begin; a trial first. */
const props = defineProps<{ siteId: number }>()
const queries = useQueryClient()
const { say } = useNotice()
const { running, fields, trouble, run } = useAct()
const way = ref<'list' | 'rule'>('list')
const list = ref('')
const beginsWith = ref('')
const becomes = ref('')
const tried = ref<Schemas['ThreadMoveResult'][] | null>(null)
const words = (one: Schemas['ThreadMoveResult']): string =>
  ({
    renamed: t('commentsMoveOldId', { comments: one.comments }),
    merged: t('commentsMergeBeforeThere', { comments: one.comments, before: one.before }),
    same: t('alreadySameThread'),
    unknown: t('noThreadId'),
    noTarget: t('newIdMissing'),
  })[one.outcome]
const doing = () => tried.value?.filter((one) => one.outcome === 'renamed' || one.outcome === 'merged').length ?? 0

async function send(isTrial: boolean): Promise<void> {
  const body = {
    list: way.value === 'list' ? list.value : null,
    rule: way.value === 'rule' ? { from: beginsWith.value, to: becomes.value } : null,
    isTrial,
  }
  const done = await run(() =>
    take(api.POST('/api/sites/{site}/threads/moves', { params: { path: { site: props.siteId } }, body })),
  )
  tried.value = isTrial ? (done ?? null) : null
  if (!done || isTrial) return
  say(
    t('conversationsMoved', {
      conversations: done.filter((one) => one.outcome === 'renamed' || one.outcome === 'merged').length,
    }),
  )
  list.value = ''
  await queries.invalidateQueries({ queryKey: ['threads'] })
}
</script>

<template>
  <form class="form mt-3" novalidate @submit.prevent="send(true)">
    <OneOf
      v-model="way"
      :label="t('how')"
      :choices="[
        ['list', t('fromList')],
        ['rule', t('byAddressPrefix')],
      ]"
      @update:model-value="tried = null"
    />
    <v-textarea
      v-if="way === 'list'"
      v-model="list"
      :label="t('oldNewIdOne')"
      :placeholder="t('visitPageVisit')"
      rows="3"
      :hint="t('identifiersAddressesSeparatedBy')"
      persistent-hint
      :error-messages="fields.list"
    />
    <template v-else>
      <v-text-field
        v-model="beginsWith"
        :label="t('oldPrefix')"
        placeholder="https://old.quillmoor.example/log/"
        :error-messages="fields['rule.from']"
      />
      <v-text-field
        v-model="becomes"
        :label="t('newPrefix')"
        placeholder="https://quillmoor.example/night-log/"
        :error-messages="fields['rule.to']"
      />
    </template>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <v-btn type="submit" variant="outlined" :loading="running">{{ t('preview') }}</v-btn>
    </div>
  </form>
  <div v-if="tried" class="tried" role="status">
    <p v-if="tried.length === 0">{{ t('noMatchingThreads') }}</p>
    <p v-for="(one, number) in tried.slice(0, 50)" :key="number">
      <span class="address">{{ one.move.from }}</span> → <span class="address">{{ one.move.to }}</span><br /><span
        :class="one.outcome === 'unknown' || one.outcome === 'noTarget' ? 'm' : 'soft'"
        >{{ words(one) }}</span
      >
    </p>
    <v-btn v-if="doing()" :loading="running" @click="send(false)">{{
      t('moveConversations', { conversations: doing() })
    }}</v-btn>
  </div>
</template>

<style scoped>
.tried {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-top: 16px;
  font-size: 14.5px;
  overflow-wrap: anywhere;
}
</style>
