<script setup lang="ts">
import OneOf from './OneOf.vue'
import { t } from '../texts'

/** Spans of time to look at; each with the value that stands in the address and its words. */
const span = defineModel<string>({ required: true })
const props = defineProps<{ spans: readonly (readonly [string, string])[] }>()
</script>

<template>
  <div class="spans"><OneOf v-model="span" :label="t('period')" :choices="props.spans" /></div>
</template>

<style scoped>
.spans {
  margin-bottom: 16px;
}
</style>
