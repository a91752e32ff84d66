<script setup lang="ts">
import { t } from '../texts'

const number = defineModel<number | null>({ required: true })
const props = defineProps<{ label: string; name: string; min: number; max: number; empty?: string; problem?: string }>()

function step(by: number): void {
  const next = (number.value ?? props.min - by) + by
  number.value = props.empty && next < props.min ? null : Math.min(props.max, Math.max(props.min, next))
}

function type(event: Event): void {
  const text = (event.target as HTMLInputElement).value
  if (text === '' && props.empty) number.value = null
  else if (Number.isInteger(Number(text)) && text !== '') number.value = Number(text)
}
</script>

<template>
  <div class="line">
    <label :for="props.name">{{ props.label }}</label>
    <span>
      <span class="num"
        ><button type="button" :aria-label="t('labelOneFewer', { label: props.label })" @click="step(-1)">−</button
        ><input
          :id="props.name"
          type="number"
          :value="number"
          :min="props.min"
          :max="props.max"
          :placeholder="props.empty"
          @input="type"
        /><button type="button" :aria-label="t('labelOneMore', { label: props.label })" @click="step(1)">
          +
        </button></span
      >
      <slot />
      <span v-if="props.problem" class="m small" role="alert">{{ props.problem }}</span>
    </span>
  </div>
</template>

<style scoped>
.num {
  display: inline-flex;
  border: 1px solid var(--rule);
  border-radius: 5px;
  background: var(--sheet);
  width: max-content;
}
.num input {
  width: 52px;
  border: 0;
  background: none;
  color: inherit;
  text-align: center;
  font: 600 15px var(--sans);
  appearance: textfield;
}
.num input::-webkit-inner-spin-button {
  appearance: none;
}
.num button {
  border: 0;
  background: none;
  padding: 3px 11px;
  cursor: pointer;
  color: var(--soft);
}
</style>
