<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { lineOf } from '../api'
import { counted, download, PageTitle, useSite, WhenText } from '../shared'
import MatchPart from './MatchPart.vue'
import TrialPart from './TrialPart.vue'
import { useImport } from './useImport'
import { states } from './words'

const { id, site } = useSite()
const route = useRoute()
const { query, plan, trial, act, tryIt, start, stop, undo, forget } = useImport(
  () => id.value,
  () => Number(route.params.import),
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
  <PageTitle :title="summary?.name ?? 'Import'">
    <template #state>
      <template v-if="summary"
        ><span class="tag" :class="states[summary.state].tone">{{ states[summary.state].name }}</span>
        {{ counted(summary.rows, 'row') }} for {{ summary.blogName }}.</template
      >
    </template>
    <template #act>
      <template v-if="summary?.state === 'matching'">
        <v-btn variant="text" @click="forget">Discard import</v-btn
        ><v-btn v-if="!trial" :loading="act.running.value" @click="tryIt">Preview import</v-btn>
        <v-btn v-else :disabled="!trial.make" :loading="act.running.value" @click="start(every)"
          >Import {{ counted(trial.make, 'post') }}</v-btn
        >
      </template>
      <v-btn v-else-if="summary?.state === 'running'" variant="outlined" color="secondary" @click="stop">Stop</v-btn>
      <template v-else-if="summary && summary.state !== 'undone'">
        <v-btn v-if="summary.everyMinutes" variant="outlined" @click="stop">Stop syncing</v-btn>
        <v-btn v-if="summary.made" variant="outlined" color="secondary" @click="undoing = true">Undo import …</v-btn>
        <v-btn :to="`/s/${id}/posts?blog=${data?.blogId}`">View posts</v-btn>
      </template>
    </template>
  </PageTitle>
  <div class="work">
    <p><router-link class="link" :to="`/s/${id}/posts/bring-in`">← Import and export</router-link></p>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <p v-for="(words, name) in act.fields.value" :key="name" class="trouble" role="alert">{{ words[0] }}</p>
    <p v-if="isPending" class="waiting">Reading …</p>
    <template v-else-if="summary?.state === 'matching' && plan && data">
      <MatchPart
        v-model:plan="plan"
        v-model:every="every"
        :site-id="id"
        :blog-id="data.blogId"
        :columns="data.columns"
        :may-follow="!!summary.address && summary.kind !== 'feed'"
      />
      <TrialPart v-if="trial" :trial="trial" />
      <p v-else class="soft mt-4">Nothing is imported until you confirm.</p>
    </template>
    <template v-else-if="summary && data">
      <div v-if="summary.state === 'running'" class="running" role="status">
        <progress :value="summary.done" :max="summary.rows" />
        <b>{{ summary.done.toLocaleString('en-GB') }} of {{ counted(summary.rows, 'row') }}</b>
        <span class="soft">You can leave this page; the import continues.</span>
      </div>
      <p v-if="summary.lastWords" class="hint">
        Last sync: {{ summary.lastWords }}
        <template v-if="summary.nextAt">Next <WhenText :at="summary.nextAt" :zone="site?.timeZone" />.</template>
      </p>
      <dl class="figures">
        <div>
          <dt>Posts created</dt>
          <dd>{{ summary.made.toLocaleString('en-GB') }}</dd>
        </div>
        <div v-if="summary.changed">
          <dt>Changed</dt>
          <dd>{{ summary.changed }}</dd>
        </div>
        <div>
          <dt>Already imported</dt>
          <dd>{{ summary.skipped.toLocaleString('en-GB') }}</dd>
        </div>
        <div>
          <dt>Rejected</dt>
          <dd :class="{ m: summary.refused }">{{ summary.refused.toLocaleString('en-GB') }}</dd>
        </div>
        <div>
          <dt>Clean-ups</dt>
          <dd>{{ data.tidied.toLocaleString('en-GB') }}</dd>
        </div>
      </dl>
      <template v-if="data.notes.length">
        <div class="row">
          <h2 class="group">Notes</h2>
          <button type="button" class="link" @click="report">Download report</button>
        </div>
        <table class="ruled">
          <thead>
            <tr>
              <th>Row</th>
              <th>Title</th>
              <th>Result</th>
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
          And {{ data.notes.length - 300 }} more; the report has them all.
        </p>
      </template>
    </template>
  </div>
  <v-dialog v-model="undoing" max-width="440">
    <v-card class="pa-6">
      <h2>Undo this import?</h2>
      <p class="my-3">
        {{ counted(summary?.made ?? 0, 'post') }} will move to the bin for 30 days. Posts edited since are kept.
      </p>
      <div class="row">
        <v-btn color="secondary" @click="((undoing = false), undo())">Undo import</v-btn
        ><v-btn variant="text" @click="undoing = false">Cancel</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
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
