<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { lineOf } from '../api'
import { DangerButton, download, PageTitle, useSite, WhenText } from '../shared'
import MatchPart from './MatchPart.vue'
import TrialPart from './TrialPart.vue'
import { useImport } from './useImport'
import { states } from './words'
import { rich, t } from './texts'
import { locale, RichText } from '../texts'

const { id, site } = useSite()
const route = useRoute()
const number = computed(() => Number(route.params.import))
const { query, plan, trial, act, choose, tryIt, start, stop, undo, forget } = useImport(
  () => id.value,
  () => number.value,
)
const { data, error, isPending } = query
const summary = computed(() => data.value?.summary)
const every = ref<number | null>(null)
const undoing = ref(false)

function report(): void {
  const rows = data.value!.notes.map((note) =>
    [note.row, note.outcome, note.title, note.reason]
      .map((value) => `"${String(value).replace(/"/g, '""')}"`)
      .join(','),
  )
  download(['row,outcome,title,reason', ...rows].join('\r\n'), 'report.csv', 'text/csv')
}
</script>

<template>
  <PageTitle :title="summary?.name ?? t('import')">
    <template #state>
      <template v-if="summary"
        ><span class="tag" :class="states[summary.state].tone">{{ states[summary.state].name }}</span>
        {{ t('rowsFor', { rows: summary.rows, blog: summary.blogName }) }}</template
      >
    </template>
    <template #act>
      <template v-if="summary?.state === 'matching'">
        <v-btn variant="text" @click="forget">{{ t('discardImport') }}</v-btn><v-btn
          v-if="!trial"
          :loading="act.running.value"
          @click="tryIt"
          >{{ t('previewImport') }}</v-btn
        >
        <v-btn v-else :disabled="!trial.make" :loading="act.running.value" @click="start(every)">{{
          t('importPosts2', { make: trial.make })
        }}</v-btn>
      </template>
      <v-btn v-else-if="summary?.state === 'running'" variant="outlined" @click="stop">{{ t('stop') }}</v-btn>
      <template v-else-if="summary && summary.state !== 'undone'">
        <v-btn v-if="summary.everyMinutes" variant="outlined" @click="stop">{{ t('stopSyncing') }}</v-btn>
        <v-btn v-if="summary.made" variant="outlined" @click="undoing = true">{{ t('undoImport') }}</v-btn>
        <v-btn :to="`/s/${id}/posts?import=${number}`">{{ t('viewPosts') }}</v-btn>
      </template>
      <v-btn
        v-else-if="summary?.state === 'undone'"
        variant="outlined"
        :to="`/s/${id}/posts?import=${number}&bin=yes`"
        >{{ t('viewPostsInBin') }}</v-btn
      >
    </template>
  </PageTitle>
  <div class="work">
    <p>
      <router-link class="link" :to="`/s/${id}/posts/bring-in`">{{ t('importExport2') }}</router-link>
    </p>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-for="(words, name) in act.fields.value" :key="name" class="trouble" role="alert">{{ words[0] }}</p>
    <p v-if="isPending" class="waiting">{{ t('reading') }}</p>
    <template v-else-if="summary?.state === 'matching' && plan && data">
      <v-select
        v-if="data.tables.length"
        class="tables"
        data-tables
        :model-value="plan.table"
        :items="
          data.tables.map((one) => ({ value: one.name, title: t('tableRows', { name: one.name, rows: one.rows }) }))
        "
        :label="t('table')"
        :hint="t('tablesHeld', { tables: data.tables.length })"
        persistent-hint
        @update:model-value="choose"
      />
      <MatchPart
        v-model:plan="plan"
        v-model:every="every"
        :site-id="id"
        :blog-id="data.blogId"
        :columns="data.columns"
        :may-follow="!!summary.address && summary.kind !== 'feed'"
      />
      <TrialPart v-if="trial" :trial="trial" />
      <p v-else class="soft mt-4">{{ t('nothingImportedUntilConfirm') }}</p>
    </template>
    <template v-else-if="summary && data">
      <div v-if="summary.state === 'running'" class="running" role="status">
        <progress :value="summary.done" :max="summary.rows" />
        <b>{{ t('doneRows2', { done: summary.done, rows: summary.rows }) }}</b>
        <span class="soft">{{ t('canLeavePageImport') }}</span>
      </div>
      <p v-if="summary.lastWords" class="hint">
        {{ t('lastSync', { words: summary.lastWords }) }}
        <RichText v-if="summary.nextAt" :of="rich('nextAtWhen')"
          ><template #when><WhenText :at="summary.nextAt" :zone="site?.timeZone" /></template
        ></RichText>
      </p>
      <dl class="figures">
        <div>
          <dt>{{ t('postsCreated') }}</dt>
          <dd>{{ summary.made.toLocaleString(locale) }}</dd>
        </div>
        <div v-if="summary.changed">
          <dt>{{ t('changed') }}</dt>
          <dd>{{ summary.changed }}</dd>
        </div>
        <div>
          <dt>{{ t('alreadyImported') }}</dt>
          <dd>{{ summary.skipped.toLocaleString(locale) }}</dd>
        </div>
        <div>
          <dt>{{ t('rejected') }}</dt>
          <dd :class="{ m: summary.refused }">{{ summary.refused.toLocaleString(locale) }}</dd>
        </div>
        <div>
          <dt>{{ t('cleanUps') }}</dt>
          <dd>{{ data.tidied.toLocaleString(locale) }}</dd>
        </div>
      </dl>
      <template v-if="data.notes.length">
        <div class="row">
          <h2 class="group">{{ t('notes') }}</h2>
          <button type="button" class="link" @click="report">{{ t('downloadReport') }}</button>
        </div>
        <table class="ruled">
          <thead>
            <tr>
              <th>{{ t('row') }}</th>
              <th>{{ t('title') }}</th>
              <th>{{ t('result') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="(note, index) in data.notes.slice(0, 300)" :key="index">
              <td class="num">{{ note.row || '' }}</td>
              <td>{{ note.title }}</td>
              <td>
                <span :class="{ m: note.outcome === 'refused' }">{{ note.outcome }}</span>: {{ note.reason }}
              </td>
            </tr>
          </tbody>
        </table>
        <p v-if="data.notes.length > 300" class="soft">
          {{ t('notesMoreReportHas', { notes: data.notes.length - 300 }) }}
        </p>
      </template>
    </template>
  </div>
  <v-dialog v-model="undoing" max-width="440">
    <v-card class="pa-6">
      <h2>{{ t('undoImport2') }}</h2>
      <p class="my-3">
        {{ t('postsWillMoveBin', { made: summary?.made ?? 0 }) }}
      </p>
      <div class="row">
        <DangerButton @click="((undoing = false), undo())">{{ t('undoImport3') }}</DangerButton><v-btn
          variant="text"
          @click="undoing = false"
          >{{ t('cancel') }}</v-btn
        >
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.tables {
  max-width: 480px;
  margin: 12px 0 20px;
}
.running {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  padding: 12px 0;
}
progress {
  width: min(420px, 100%);
  accent-color: var(--verdigris);
}
.figures {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 40px;
  margin: 14px 0 22px;
}
dt {
  font-size: 12.5px;
  color: var(--soft);
}
dd {
  margin: 0;
  font: 500 26px/1.2 var(--title);
}
.row .group {
  flex: 1;
}
</style>
