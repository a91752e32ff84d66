<script setup lang="ts">
import { ref, watch } from 'vue'
import { t } from '../texts'

/** A number with its limits: by buttons or by typing; one outside of them is told where it was typed, and not taken. */
const number = defineModel<number | null>({ required: true })
const props = defineProps<{ label: string; name: string; min: number; max: number; empty?: string; problem?: string }>()
const typed = ref<string | null>(null)
const wrong = ref('')
watch(number, () => ((typed.value = null), (wrong.value = '')))

function step(by: number): void {
  const next = (number.value ?? props.min - by) + by
  number.value = props.empty && next < props.min ? null : Math.min(props.max, Math.max(props.min, next))
  ;[typed.value, wrong.value] = [null, '']
}

function type(event: Event): void {
  const text = (event.target as HTMLInputElement).value
  const value = Number(text)
  const isNone = text === '' && !!props.empty
  const fits = text !== '' && Number.isInteger(value) && value >= props.min && value <= props.max
  typed.value = isNone || fits ? null : text
  wrong.value = isNone || fits ? '' : t('wholeNumberFromTo', { min: props.min, max: props.max })
  if (isNone) number.value = null
  else if (fits) number.value = value
}
</script>

<template>
  <div class="line">
    <label :for="props.name">{{ props.label }}</label>
    <span class="beside">
      <span class="num"
        ><button type="button" :aria-label="t('labelOneFewer', { label: props.label })" @click="step(-1)">−</button
        ><input
          :id="props.name"
          type="number"
          :value="typed ?? number"
          :aria-invalid="!!(wrong || props.problem)"
          :aria-describedby="wrong || props.problem ? `${props.name}-wrong` : undefined"
          :min="props.min"
          :max="props.max"
          :placeholder="props.empty"
          @input="type"
        /><button type="button" :aria-label="t('labelOneMore', { label: props.label })" @click="step(1)">
          +
        </button></span
      >
      <slot />
      <span v-if="wrong || props.problem" :id="`${props.name}-wrong`" class="m small" role="alert">{{
        wrong || props.problem
      }}</span>
    </span>
  </div>
</template>

<style scoped>
.beside {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}
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
.num:has([aria-invalid='true']) {
  border-color: var(--madder);
}
.num button {
  border: 0;
  background: none;
  padding: 3px 11px;
  cursor: pointer;
  color: var(--soft);
}
</style>
