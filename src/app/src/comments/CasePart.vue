<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { partInWords, reportReasons, ruleInWords } from './words'

/** Why a comment stands where it stands, what the filter sees in it, and what readers reported. */
const props = defineProps<{ known: Schemas['CaseView']; standing: Schemas['CommentStanding']; zone: string | undefined }>()
const sent: Record<Schemas['CommentAct'], string> = { publish: 'Published', wait: 'Waits', spam: 'Put aside', refuse: 'Refused' }
const reported = computed(() => props.known.reports.length - props.known.reportsKept)
const why = computed(() => {
  const trace = props.known.trace
  if (props.standing === 'waiting' && reported.value > 0) return 'Waits again: readers reported it'
  if (!trace) return null
  const by = {
    trap: 'the field was filled that people do not see',
    rule: trace.rule ? `rule: ${ruleInWords(trace.rule, trace.found).toLowerCase()}` : '',
    threshold: `the filter said ${percent(trace.facts.score ?? 0)}, more than is let pass`,
    approval: trace.act === 'wait' ? 'no rule fits, and the site lets it wait' : 'no rule fits, and the site lets it pass',
  }[trace.step]
  return `${sent[trace.act]}: ${by}`
})
const percent = (score: number) => (score < 0.01 ? 'under 1 %' : score > 0.99 ? 'over 99 %' : `${Math.round(score * 100)} %`)
// Parts of one name or one mail say the same; the strongest stands for them.
const fields = ['author', 'mail', 'site', 'link']
const strongest = (parts: Schemas['TellingPart'][]) =>
  parts
    .filter((part, at) => !fields.includes(part.kind) || parts.findIndex((one) => one.kind === part.kind) === at)
    .slice(0, 4)
    .map(partInWords)
    .join(', ')
</script>

<template>
  <div class="case-facts">
    <p v-if="reported > 0 || props.known.reportsKept" class="reports">
      <span class="tag m">{{ counted(props.known.reports.length, 'report') }}</span>
      <template v-if="props.known.reportsKept"> {{ props.known.reportsKept }} of them answered by keeping it.</template>
      <span v-for="(report, number) in props.known.reports.slice(0, 4)" :key="number" class="report">
        {{ reportReasons[report.reason] }}<template v-if="report.words">: “{{ report.words }}”</template>
        <small><WhenText :at="report.madeAt" :zone="props.zone" /></small>
      </span>
    </p>
    <p v-if="why">
      <span class="tag" :class="props.standing === 'waiting' ? 'o' : 'plain'">{{ why }}</span>
    </p>
    <p v-if="!props.known.isSure" class="soft">Spam filter: not sure yet; it learns from what you decide.</p>
    <template v-else>
      <p class="filter">
        Spam filter: <b>{{ percent(props.known.score) }}</b>
        <span class="gauge" aria-hidden="true"><i :style="{ width: `${props.known.score * 100}%` }" /></span>
      </p>
      <p v-if="props.known.for.length" class="soft"><b>For spam:</b> {{ strongest(props.known.for) }}</p>
      <p v-if="props.known.against.length" class="soft"><b>Against:</b> {{ strongest(props.known.against) }}</p>
    </template>
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
.report {
  display: block;
  margin-top: 3px;
}
.report small {
  margin-left: 8px;
  color: var(--soft);
}
</style>
