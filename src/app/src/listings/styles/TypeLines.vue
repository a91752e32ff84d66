<script setup lang="ts">
import type { WholeLook } from './wholeLook'
import { t } from '../texts'

const look = defineModel<WholeLook>({ required: true })
const props = defineProps<{ problems: Record<string, string[]>; path: string }>()
const parts = [
  ['headingType', t('heading')],
  ['titleType', t('titles')],
  ['bylineType', t('byline')],
  ['excerptType', t('excerpt')],
] as const

function number(event: Event): number | null {
  const text = (event.target as HTMLInputElement).value
  return text === '' ? null : Number(text)
}
</script>

<template>
  <table class="type">
    <thead>
      <tr class="soft small">
        <th></th>
        <th>{{ t('family') }}</th>
        <th>{{ t('px') }}</th>
        <th>{{ t('weight') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="[part, label] in parts" :key="part">
        <th scope="row" class="soft">{{ label }}</th>
        <td>
          <input
            :value="look[part].family ?? ''"
            :placeholder="t('pagesOwn')"
            :aria-label="t('fontLabel', { label })"
            spellcheck="false"
            @change="look[part].family = ($event.target as HTMLInputElement).value.trim() || null"
          />
        </td>
        <td>
          <input
            type="number"
            min="8"
            max="96"
            :value="look[part].size"
            placeholder="–"
            :aria-label="t('sizeLabelPixels', { label })"
            @change="look[part].size = number($event)"
          />
        </td>
        <td>
          <select
            :value="look[part].weight ?? ''"
            :aria-label="t('weightLabel', { label })"
            @change="look[part].weight = number($event)"
          >
            <option value="">–</option>
            <option v-for="weight in [300, 400, 500, 600, 700, 800]" :key="weight" :value="weight">{{ weight }}</option>
          </select>
        </td>
      </tr>
    </tbody>
  </table>
  <template v-for="[part] in parts" :key="part">
    <p v-for="field in ['family', 'size', 'weight']" :key="field" class="m small" role="alert">
      {{ props.problems[`${props.path}.${part}.${field}`]?.[0] }}
    </p>
  </template>
</template>

<style scoped>
.type {
  width: 100%;
  border-collapse: collapse;
  font-size: 14px;
}
th {
  font-weight: 400;
  text-align: left;
  padding: 2px 8px 2px 0;
}
td {
  padding: 2px 4px 2px 0;
}
input,
select {
  border: 1px solid var(--rule);
  border-radius: 4px;
  background: var(--sheet);
  color: inherit;
  font: inherit;
  padding: 3px 6px;
  width: 100%;
  min-width: 0;
}
input[type='number'] {
  width: 58px;
}
select {
  width: 66px;
}
p:empty {
  display: none;
}
</style>
