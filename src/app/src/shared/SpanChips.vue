<script setup lang="ts">
/** Spans of time to look at; each with the value that stands in the address and its words. */
const span = defineModel<string>({ required: true })
const props = defineProps<{ spans: readonly (readonly [string, string])[] }>()
</script>

<template>
  <div class="row spans">
    <button
      v-for="[value, name] in props.spans"
      :key="name"
      type="button"
      class="chip"
      :class="{ on: span === value }"
      :aria-pressed="span === value"
      @click="span = value"
    >
      {{ name }}
    </button>
  </div>
</template>

<style scoped>
.spans {
  gap: 8px;
  margin-bottom: 16px;
}
</style>
