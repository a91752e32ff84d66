<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import SeverityMark from './SeverityMark.vue'

const at = defineModel<number>({ required: true })
const props = defineProps<{ findings: Schemas['FindingView'][] }>()
const groups = computed(() =>
  (
    [
      ['error', 'Errors'],
      ['warning', 'Warnings'],
      ['advice', 'Advice'],
    ] as const
  )
    .map(([severity, name]) => ({
      name,
      rows: props.findings.map((finding, index) => ({ finding, index })).filter((row) => row.finding.severity === severity),
    }))
    .filter((group) => group.rows.length > 0),
)
const place = (finding: Schemas['FindingView']) => (finding.line === null ? 'whole' : `${finding.line}:${finding.column}`)

function step(event: KeyboardEvent, by: number): void {
  if ((event.target as HTMLElement).closest('input, textarea')) return
  event.preventDefault()
  at.value = Math.min(props.findings.length - 1, Math.max(0, at.value + by))
}
onKeyStroke('ArrowDown', (event) => step(event, 1))
onKeyStroke('ArrowUp', (event) => step(event, -1))
</script>

<template>
  <section v-for="group in groups" :key="group.name">
    <h2 class="group">
      {{ group.name }}<span v-if="group.rows.length > 3"> · {{ group.rows.length }}</span>
    </h2>
    <button v-for="row in group.rows" :key="row.index" class="finding" :class="{ on: at === row.index }" :data-rule="row.finding.rule" @click="at = row.index">
      <SeverityMark :severity="row.finding.severity" />
      <b>{{ row.finding.message }}</b><span class="place">{{ place(row.finding) }}</span>
      <span class="words"
        >{{ row.finding.fix }} <span class="v">{{ row.finding.reference }}</span></span
      >
    </button>
  </section>
</template>

<style scoped>
.finding {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 11px 0;
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
  width: calc(100% + 48px);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.words {
  grid-column: 2/4;
  font-size: 14px;
  color: var(--soft);
}
.place {
  font: 500 12.5px var(--mono);
  color: var(--soft);
}
@media (max-width: 860px) {
  .finding.on {
    margin: 0 -16px;
    padding: 11px 16px;
    width: calc(100% + 32px);
  }
}
</style>
