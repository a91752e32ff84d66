<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { SeverityMark } from '../../shared'
import { t } from '../texts'

const at = defineModel<number>({ required: true })
const props = defineProps<{ check: Schemas['FeedCheckView']; hidesTolerated: boolean }>()
const severities = [
  ['error', t('errors2')],
  ['warning', t('warnings2')],
  ['advice', t('suggestions2')],
] as const
/** What is to be put right, by severity; each slip with all its findings. */
const groups = computed(() =>
  severities
    .map(([severity, name]) => ({
      name,
      rules: props.check.slips
        .filter((slip) => slip.severity === severity)
        .map((slip) => slip.findings.map((index) => ({ finding: props.check.findings[index]!, index })))
        .filter((rows) => !(props.hidesTolerated && rows[0]!.finding.readersCope)),
    }))
    .filter((group) => group.rules.length > 0),
)
const order = computed(() =>
  groups.value.flatMap((group) => group.rules.flatMap((rule) => rule.map((row) => row.index))),
)
const place = (finding: Schemas['FindingView']) =>
  finding.line === null
    ? finding.rule.startsWith('http-')
      ? 'HTTP'
      : t('entireFeed')
    : `${finding.line}:${finding.column}`

interface Row {
  finding: Schemas['FindingView']
  index: number
}

/** The finding of a rule that is picked, or its first. */
function shown(rule: Row[]): Row {
  return rule.find((row) => row.index === at.value) ?? rule[0]!
}

function step(event: KeyboardEvent, by: number): void {
  if ((event.target as HTMLElement).closest('input, textarea')) return
  event.preventDefault()
  const next = order.value[Math.min(order.value.length - 1, Math.max(0, order.value.indexOf(at.value) + by))]
  if (next !== undefined) at.value = next
}
onKeyStroke('ArrowDown', (event) => step(event, 1))
onKeyStroke('ArrowUp', (event) => step(event, -1))
</script>

<template>
  <section v-for="group in groups" :key="group.name">
    <h2 class="group">
      {{ group.name }}<span v-if="group.rules.length > 3"> · {{ group.rules.length }}</span>
    </h2>
    <div
      v-for="rule in group.rules"
      :key="rule[0]!.finding.rule"
      class="finding"
      :class="{ on: rule.some((row) => row.index === at) }"
      :data-rule="rule[0]!.finding.rule"
    >
      <button type="button" @click="at = shown(rule).index">
        <SeverityMark :severity="rule[0]!.finding.severity" />
        <b>{{ shown(rule).finding.message }}</b><span class="place"
          >{{ place(shown(rule).finding) }}{{ rule.length > 1 ? ` +${rule.length - 1}` : '' }}</span
        >
        <span class="words"
          >{{ shown(rule).finding.fix }} <span class="v">{{ rule[0]!.finding.reference }}</span></span
        >
        <span v-if="rule[0]!.finding.readersCope || rule[0]!.finding.repairable" class="marks">
          <span v-if="rule[0]!.finding.repairable">{{ t('isRepaired') }}</span>
          <span v-if="rule[0]!.finding.readersCope">{{ t('readersCope') }}</span>
        </span>
      </button>
      <div
        v-if="rule.length > 1 && rule.some((row) => row.index === at)"
        class="places"
        role="group"
        :aria-label="t('allOccurrences')"
      >
        <button
          v-for="row in rule"
          :key="row.index"
          type="button"
          class="chip"
          :class="{ on: row.index === at }"
          :aria-current="row.index === at || undefined"
          :title="row.finding.message"
          @click="at = row.index"
        >
          {{ place(row.finding) }}
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.finding {
  border-bottom: 1px solid var(--hair);
  padding: 11px 0;
}
.finding > button {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 2px 10px;
  cursor: pointer;
}
.finding b {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.finding.on {
  background: var(--sheet);
  margin: 0 -24px;
  padding: 11px 24px;
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  padding: 7px 0 0 30px;
  max-height: 140px;
  overflow: auto;
}
.places .chip {
  font: 500 12px var(--mono);
  padding: 2px 7px;
}
.words {
  grid-column: 2/4;
  font-size: 14px;
  color: var(--soft);
}
.marks {
  grid-column: 2/4;
  display: flex;
  flex-wrap: wrap;
  gap: 1px 18px;
  font-size: 12.5px;
  color: var(--soft);
  padding-top: 2px;
}
.place {
  font: 500 12.5px var(--mono);
  color: var(--soft);
}
@media (max-width: 860px) {
  .finding.on {
    margin: 0 -16px;
    padding: 11px 16px;
  }
}
</style>
