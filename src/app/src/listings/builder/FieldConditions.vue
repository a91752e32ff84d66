<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import type { Schemas } from '../../api'
import { t } from '../texts'

/** What own fields must hold; every condition must be met. */
const conditions = defineModel<Schemas['FieldCondition'][]>({ required: true })
const props = defineProps<{ own: Schemas['OwnField'][]; fields: Record<string, string[]> }>()
const names: Record<Schemas['FieldComparison'], string> = {
  is: t('text2'),
  contains: t('contains'),
  atLeast: t('isAtLeast'),
  atMost: t('isAtMost'),
  isFilled: t('isFilledIn'),
}
const fieldOf = (key: string) => props.own.find((field) => field.key === key)

function comparisons(key: string): { value: Schemas['FieldComparison']; title: string }[] {
  const kind = fieldOf(key)?.kind
  const fitting: Schemas['FieldComparison'][] =
    kind === 'number' || kind === 'date'
      ? ['is', 'atLeast', 'atMost', 'isFilled']
      : kind === 'choice' || kind === 'yesNo'
        ? ['is', 'isFilled']
        : ['contains', 'is', 'isFilled']
  return fitting.map((value) => ({ value, title: names[value] }))
}

function change(index: number, to: Partial<Schemas['FieldCondition']>): void {
  conditions.value = conditions.value.map((one, at) => (at === index ? { ...one, ...to } : one))
}

function ask(): void {
  conditions.value = [...conditions.value, { key: props.own[0]!.key, comparison: 'isFilled', value: null }]
}

const problemOf = (index: number) => props.fields[`definition.filter.fields[${index}]`]?.[0]
</script>

<template>
  <div class="conditions" role="group" :aria-label="t('customFields')">
    <div v-for="(condition, index) in conditions" :key="index" class="one">
      <v-select
        :model-value="condition.key"
        :items="props.own.map((field) => ({ value: field.key, title: field.label }))"
        :label="t('customField')"
        class="whole"
        density="compact"
        hide-details
        @update:model-value="(key: string) => change(index, { key, comparison: 'isFilled', value: null })"
      />
      <v-select
        :model-value="condition.comparison"
        :items="comparisons(condition.key)"
        :label="t('comparison')"
        density="compact"
        hide-details
        @update:model-value="(comparison: Schemas['FieldComparison']) => change(index, { comparison })"
      />
      <v-combobox
        v-if="condition.comparison !== 'isFilled'"
        :model-value="condition.value"
        :items="fieldOf(condition.key)?.kind === 'yesNo' ? ['yes', 'no'] : (fieldOf(condition.key)?.choices ?? [])"
        :label="fieldOf(condition.key)?.unit ?? t('value')"
        :type="fieldOf(condition.key)?.kind === 'date' ? 'date' : 'text'"
        density="compact"
        :error-messages="problemOf(index)"
        :hide-details="!problemOf(index)"
        @update:model-value="(value: string | null) => change(index, { value })"
      />
      <button
        type="button"
        class="away"
        :aria-label="t('removeConditionLabel', { label: fieldOf(condition.key)?.label ?? condition.key })"
        @click="conditions = conditions.filter((_, at) => at !== index)"
      >
        <v-icon :icon="mdiClose" size="18" />
      </button>
    </div>
    <button type="button" class="link small" @click="ask">{{ t('addCustomFieldCondition') }}</button>
  </div>
</template>

<style scoped>
.conditions {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 28px;
  gap: 8px 6px;
  align-items: center;
  width: 100%;
  border-left: 2px solid var(--rule);
  padding-left: 10px;
}
.away {
  border: 0;
  background: none;
  color: var(--soft);
  cursor: pointer;
  grid-area: 1 / 3;
}
.whole {
  grid-column: 1 / 3;
}
</style>
