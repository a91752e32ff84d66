<script setup lang="ts">
import type { Schemas } from '../../api'
import { layouts } from '../layouts'
import { t } from '../texts'

const layout = defineModel<Schemas['ListingLayout']>({ required: true })
</script>

<template>
  <div class="choices" role="radiogroup" :aria-label="t('layout')">
    <button
      v-for="choice in layouts"
      :key="choice.value"
      type="button"
      role="radio"
      :aria-checked="layout === choice.value"
      :class="{ on: layout === choice.value }"
      @click="layout = choice.value"
    >
      <svg viewBox="0 0 40 24" aria-hidden="true"><path :d="choice.shape" fill="currentColor" /></svg>
      <small>{{ choice.name }}</small>
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
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
  height: 46px;
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
