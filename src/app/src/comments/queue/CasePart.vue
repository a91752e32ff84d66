<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { WhenText } from '../../shared'
import { partInWords, percent, reportReasons, stepInWords } from '../words'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** Why a comment stands where it stands, what the filter sees in it, and what readers reported. */
const props = defineProps<{
  known: Schemas['CaseView']
  standing: Schemas['CommentStanding']
  zone: string | undefined
  assignee: string | null
}>()
const emit = defineEmits<{ unmark: [mark: Schemas['MarkView']]; unnote: [note: Schemas['NoteView']] }>()
const sent: Record<Schemas['CommentAct'], string> = {
  publish: t('published'),
  wait: t('held2'),
  spam: t('sentSpam'),
  refuse: t('rejected2'),
}
const reported = computed(() => props.known.reports.length - props.known.reportsKept)
const why = computed(() => {
  const trace = props.known.trace
  if (props.standing === 'waiting' && reported.value > 0) return t('heldAgainReportedBy')
  if (!trace) return null
  return `${sent[trace.act]}: ${stepInWords(trace)}`
})
// Parts of one name or one mail say the same; the strongest stands for them.
const fields = ['author', 'mail', 'site', 'link']
const strongest = (parts: Schemas['FilterReason'][]) =>
  parts
    .filter((part, at) => !fields.includes(part.kind) || parts.findIndex((one) => one.kind === part.kind) === at)
    .slice(0, 4)
    .map(partInWords)
    .join(', ')
</script>

<template>
  <div class="case-facts">
    <p v-if="reported > 0 || props.known.reportsKept" class="reports">
      <span class="tag m">{{ t('reports', { reports: props.known.reports.length }) }}</span>
      <template v-if="props.known.reportsKept">
        {{ t('earlierReportsDismissed', { reportsKept: props.known.reportsKept }) }}</template
      >
      <span v-for="(report, number) in props.known.reports.slice(0, 4)" :key="number" class="report">
        {{ reportReasons[report.reason] }}<template v-if="report.words">: “{{ report.words }}”</template>
        <small><WhenText :at="report.madeAt" :zone="props.zone" /></small>
      </span>
    </p>
    <p v-if="why">
      <span class="tag" :class="props.standing === 'waiting' ? 'o' : 'plain'">{{ why }}</span>
    </p>
    <p v-if="!props.known.isSure" class="soft">{{ t('spamFilterStillLearning') }}</p>
    <template v-else>
      <p class="filter">
        <RichText :of="rich('spamFilterScore', { percent: percent(props.known.score) })" />
        <span class="gauge" aria-hidden="true"><i :style="{ width: `${props.known.score * 100}%` }" /></span>
      </p>
      <p v-if="props.known.for.length" class="soft">
        <b>{{ t('signsSpam') }}</b> {{ strongest(props.known.for) }}
      </p>
      <p v-if="props.known.against.length" class="soft">
        <b>{{ t('signsGenuineComment') }}</b> {{ strongest(props.known.against) }}
      </p>
    </template>
    <p v-for="mark in props.known.marks" :key="`mark-${mark.id}`">
      <span class="tag" :class="mark.mark === 'banned' ? 'm' : 'v'"
        >{{ mark.mark === 'banned' ? t('banned') : t('trusted') }}: {{ mark.shown }}</span
      >
      <small v-if="mark.until" class="soft">
        <RichText :of="rich('untilWhen')"
          ><template #when><WhenText :at="mark.until" :zone="props.zone" /></template></RichText
      ></small>
      <button class="link" @click="emit('unmark', mark)">
        {{ mark.mark === 'banned' ? t('unban') : t('stopTrusting') }}
      </button>
    </p>
    <p v-if="props.assignee">
      <span class="tag plain">{{ t('assignedAssignee', { assignee: props.assignee }) }}</span>
    </p>
    <p v-for="note in props.known.notes" :key="`note-${note.id}`" class="note">
      <b>{{ note.personName }}</b> <small class="soft"><WhenText :at="note.at" :zone="props.zone" /></small>
      <button
        class="link"
        :aria-label="t('deleteNoteByPersonname', { personName: note.personName })"
        @click="emit('unnote', note)"
      >
        {{ t('remove') }}</button><br />{{ note.text }}
    </p>
  </div>
</template>

<style scoped>
.case-facts {
  margin-top: 10px;
  padding-top: 10px;
  border-top: 1px solid color-mix(in srgb, var(--madder) 22%, transparent);
  display: grid;
  gap: 5px;
  font-size: 13.5px;
}
p {
  margin: 0;
}
.tag {
  white-space: normal;
}
.filter {
  display: flex;
  gap: 8px;
  align-items: center;
}
.gauge {
  width: 120px;
  height: 6px;
  border-radius: 3px;
  background: color-mix(in srgb, var(--ink) 14%, transparent);
  overflow: hidden;
}
.gauge i {
  display: block;
  height: 100%;
  background: var(--madder);
}
.case-facts .link {
  margin-left: 10px;
}
.note {
  padding: 6px 10px;
  background: var(--sheet);
  border-radius: 4px;
  white-space: pre-line;
}
.report {
  display: block;
  margin-top: 3px;
}
.report small {
  margin-left: 8px;
  color: var(--soft);
}
</style>
