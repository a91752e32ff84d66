<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../../api'
import { useAct, useRefresh, WhenText } from '../../../shared'
import { t } from '../../texts'

/** Remarks of reviewers, at passages or about the whole post. */
const props = defineProps<{
  siteId: number
  postId: number
  chosen: string
  note: string | null
  inReview: boolean
  mayRemark: boolean
  zone: string | undefined
}>()
const act = useAct()
const text = ref('')
const path = () => ({ site: props.siteId, post: props.postId })
const { data } = useQuery({
  queryKey: ['remarks', () => props.postId],
  queryFn: () => take(api.GET('/api/sites/{site}/posts/{post}/remarks', { params: { path: path() } })),
})
const remarks = computed(() => [...(data.value ?? [])].sort((a, b) => Number(!!a.doneAt) - Number(!!b.doneAt)))
const reload = useRefresh('remarks')

async function add(): Promise<void> {
  const body = { passage: props.chosen.trim() || null, text: text.value }
  if (
    !(await act.run(() => take(api.POST('/api/sites/{site}/posts/{post}/remarks', { params: { path: path() }, body }))))
  )
    return
  text.value = ''
  await reload()
}

async function tick(remark: Schemas['RemarkView']): Promise<void> {
  await act.run(() =>
    take(
      api.PUT('/api/sites/{site}/posts/{post}/remarks/{remark}', {
        params: { path: { ...path(), remark: remark.id }, query: { done: !remark.doneAt } },
      }),
    ),
  )
  await reload()
}
</script>

<template>
  <section v-if="props.inReview || remarks.length || props.note" :aria-label="t('review')">
    <h2 class="group">{{ t('review') }}</h2>
    <p v-if="props.note" class="hint">{{ props.note }}</p>
    <ul>
      <li v-for="remark in remarks" :key="remark.id" :class="{ done: remark.doneAt }">
        <blockquote v-if="remark.passage">{{ remark.passage }}</blockquote>
        <p>{{ remark.text }}</p>
        <p class="small soft">
          {{ remark.by }}, <WhenText :at="remark.madeAt" :zone="props.zone" /> ·
          <button type="button" class="link" @click="tick(remark)">
            {{ remark.doneAt ? t('reopen') : t('done') }}
          </button>
        </p>
      </li>
    </ul>
    <form v-if="props.mayRemark" @submit.prevent="add">
      <p v-if="props.chosen" class="small soft">{{ t('aboutChosen', { chosen: props.chosen.slice(0, 120) }) }}</p>
      <v-textarea
        v-model="text"
        :label="props.chosen ? t('commentSelectedText') : t('commentSelectTextRefer')"
        rows="2"
        :error-messages="act.fields.value.text"
      />
      <button type="submit" class="chip mt-2" :disabled="!text.trim()">{{ t('addComment') }}</button>
    </form>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 10px 0;
  display: grid;
  gap: 12px;
}
blockquote {
  margin: 0 0 3px;
  border-left: 3px solid var(--ochre);
  padding-left: 9px;
  font: italic 15px/1.35 var(--title);
}
li p {
  margin: 0;
}
.done {
  opacity: 0.75;
}
.done p:first-of-type {
  text-decoration: line-through;
}
</style>
