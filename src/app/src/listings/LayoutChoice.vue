<script setup lang="ts">
import type { Schemas } from '../api/client'

const layout = defineModel<Schemas['ListingLayout']>({ required: true })
const choices: { value: Schemas['ListingLayout']; name: string; bars: string }[] = [
  { value: 'lines', name: 'Lines', bars: 'M2 3h36M2 9h36M2 15h36M2 21h36' },
  { value: 'columns', name: 'Columns', bars: 'M7 2v20M20 2v20M33 2v20' },
]
</script>

<template>
  <div class="choices" role="radiogroup" aria-label="Layout">
    <button
      v-for="choice in choices"
      :key="choice.value"
      type="button"
      role="radio"
      :aria-checked="layout === choice.value"
      :class="{ on: layout === choice.value }"
      @click="layout = choice.value"
    >
      <svg viewBox="0 0 40 24" aria-hidden="true"><path :d="choice.bars" stroke="currentColor" :stroke-width="choice.value === 'columns' ? 9 : 2.4" /></svg>
      <small>{{ choice.name }}</small>
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 8px;
}
button {
  border: 0;
  background: none;
  padding: 0;
  cursor: pointer;
  color: var(--soft);
}
svg {
  display: block;
  width: 100%;
  height: 50px;
  padding: 9px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: var(--rule);
}
.on svg {
  border: 2px solid var(--verdigris);
  padding: 8px;
  color: var(--verdigris);
}
small {
  font-size: 11.5px;
}
.on small {
  color: var(--verdigris);
  font-weight: 600;
}
</style>
