<script setup lang="ts">
import { t } from './texts'

/** The widths at which a page in a frame is looked at; empty is as wide as there is room. */
const width = defineModel<string>({ required: true })
const widths = [
  ['390', t('phone')],
  ['768', t('tablet')],
  ['', t('desktop')],
] as const
</script>

<template>
  <button
    v-for="[value, name] in widths"
    :key="name"
    type="button"
    class="chip"
    :class="{ on: width === value }"
    :aria-pressed="width === value"
    @click="width = value"
  >
    {{ name }}
  </button>
</template>
