<script setup lang="ts" generic="T extends string | number">
import OneOf from './OneOf.vue'

/** A line of a form: what is asked, and one of a few answers. */
const chosen = defineModel<T>({ required: true })
const props = defineProps<{ label: string; choices: readonly (readonly [T, string])[] }>()
</script>

<template>
  <div class="line">
    <span>{{ props.label }}</span>
    <OneOf v-model="chosen" :label="props.label" :choices="props.choices" :room="36" />
  </div>
</template>
