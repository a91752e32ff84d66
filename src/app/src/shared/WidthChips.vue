<script setup lang="ts">
/** The widths at which a page in a frame is looked at; empty is as wide as there is room. */
const width = defineModel<string>({ required: true })
const widths = [
  ['390', 'Phone'],
  ['768', 'Tablet'],
  ['', 'Desktop'],
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
