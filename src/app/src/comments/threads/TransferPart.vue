<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import { t } from '../texts'

/** All comments as a file, and a file of comments brought in after a trial. */
const props = defineProps<{ siteId: number }>()
const queries = useQueryClient()
const { say } = useNotice()
const { running, fields, trouble, run } = useAct()
const file = ref<File | null>(null)
const waits = ref(false)
const tried = ref<Schemas['ImportedComments'] | null>(null)
const formats = [
  { name: 'JSON', ending: 'json' },
  { name: t('atom'), ending: 'atom' },
  { name: t('csvSpreadsheets'), ending: 'csv' },
]
const told = computed(() => {
  if (!tried.value) return ''
  const { taken, known, threads, orphans } = tried.value
  return [
    t('newCommentsNewThreads', { comments: taken, threads }),
    known ? t('knownAlreadyImportedUnchanged', { known }) : '',
    orphans ? t('repliesWhoseParentMissing', { orphans }) : '',
  ]
    .filter(Boolean)
    .join('; ')
})

async function send(trial: boolean): Promise<void> {
  if (!file.value) return
  const content = await file.value.arrayBuffer()
  const query = { trial, standing: waits.value ? ('waiting' as const) : undefined }
  const done = await run(() =>
    take(
      api.POST('/api/sites/{site}/comments/import', {
        params: { path: { site: props.siteId }, query },
        body: content as never,
        bodySerializer: (body: unknown) => body as ArrayBuffer,
      }),
    ),
  )
  tried.value = trial ? (done ?? null) : null
  if (!done || trial) return
  say(t('commentsImported', { comments: done.taken }))
  file.value = null
  await queries.invalidateQueries({ queryKey: ['threads'] })
  await queries.invalidateQueries({ queryKey: ['comments'] })
}
</script>

<template>
  <p class="mt-3">
    {{ t('exportAllComments') }}
    <a
      v-for="one in formats"
      :key="one.ending"
      class="link out"
      :href="`/api/sites/${props.siteId}/comments/export.${one.ending}`"
      download
      >{{ one.name }}</a
    >
  </p>
  <form class="form mt-4" novalidate @submit.prevent="send(true)">
    <v-file-input
      v-model="file"
      :label="t('commentsFile')"
      accept=".json,.atom,.xml,.csv,.txt"
      :error-messages="fields.file"
      variant="outlined"
      density="comfortable"
      prepend-icon=""
      hide-details="auto"
      @update:model-value="tried = null"
    />
    <v-switch v-model="waits" :label="t('holdAllModeration')" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <v-btn type="submit" variant="outlined" :disabled="!file" :loading="running">{{ t('previewImport') }}</v-btn>
    </div>
  </form>
  <div v-if="tried" class="tried" role="status">
    <p>{{ told }}.</p>
    <template v-if="tried.refused">
      <p class="m">{{ t('commentsCannotImported', { refused: tried.refused }) }}</p>
      <p v-for="problem in tried.problems.slice(0, 10)" :key="`${problem.place}-${problem.field}`" class="small">
        {{ problem.place ? t('numberPlace', { place: problem.place }) : t('theFile')
        }}{{ problem.field ? `, ${problem.field}` : '' }}:
        {{ problem.remedy }}
      </p>
    </template>
    <v-btn v-if="tried.taken" :loading="running" @click="send(false)">{{
      t('importComments', { comments: tried.taken })
    }}</v-btn>
  </div>
</template>

<style scoped>
.out {
  margin-left: 10px;
}
.tried {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-top: 16px;
}
</style>
