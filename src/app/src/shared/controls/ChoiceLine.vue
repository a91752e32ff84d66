<script setup lang="ts" generic="T extends string | number">
const chosen = defineModel<T>({ required: true })
const props = defineProps<{ label: string; choices: readonly (readonly [T, string])[] }>()
</script>

<template>
  <div class="line">
    <span>{{ props.label }}</span>
    <span class="chips" role="group" :aria-label="props.label">
      <button
        v-for="[value, name] in props.choices"
        :key="value"
        type="button"
        class="chip"
        :class="{ on: chosen === value }"
        :aria-pressed="chosen === value"
        @click="chosen = value"
      >
        {{ name }}
      </button>
    </span>
  </div>
</template>
