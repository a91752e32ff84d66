<script setup lang="ts" generic="T extends string | number">
import TickChip from './TickChip.vue'

/** Any number of a few. What is chosen keeps the order in which it was chosen. */
const chosen = defineModel<T[]>({ required: true })
const props = defineProps<{ label: string; choices: readonly (readonly [T, string])[] }>()

function turn(value: T, on: boolean): void {
  chosen.value = on ? [...chosen.value, value] : chosen.value.filter((one) => one !== value)
}
</script>

<template>
  <div class="chips" role="group" :aria-label="props.label">
    <TickChip
      v-for="[value, name] in props.choices"
      :key="value"
      :model-value="chosen.includes(value)"
      @update:model-value="(on) => turn(value, on)"
      >{{ name }}</TickChip
    >
    <slot />
  </div>
</template>
