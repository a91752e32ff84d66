<script setup lang="ts">
import { ChipChoice, NumberLine } from '../../shared'
import type { WholeLook } from './wholeLook'

const look = defineModel<WholeLook>({ required: true })
const props = defineProps<{ problems: Record<string, string[]>; path: string }>()
const lengths = [
  ['width', 'Maximum width', 120, 2000],
  ['height', 'Maximum height (then scrolls)', 120, 2000],
  ['padding', 'Inner spacing', 0, 120],
  ['gapAcross', 'Horizontal gap', 0, 120],
  ['gapDown', 'Vertical gap', 0, 120],
  ['border', 'Border', 0, 20],
  ['radius', 'Rounded corners', 0, 60],
] as const
const shadows = [
  ['none', 'None'],
  ['soft', 'Soft'],
  ['deep', 'Deep'],
] as const
const separators = [
  ['byLayout', 'Layout default'],
  ['none', 'None'],
  ['line', 'Line'],
  ['picture', 'Picture'],
] as const
</script>

<template>
  <NumberLine
    v-for="[name, label, min, max] in lengths"
    :key="name"
    v-model="look[name]"
    :label="label"
    :name="`look-${name}`"
    :min="min"
    :max="max"
    empty="auto"
    :problem="props.problems[`${props.path}.${name}`]?.[0]"
  >
    <span class="soft small px">px</span>
  </NumberLine>
  <ChipChoice v-model="look.shadow" label="Shadow" :choices="shadows" />
  <ChipChoice v-model="look.separator" label="Between entries" :choices="separators" />
  <v-text-field
    v-if="look.separator === 'picture'"
    v-model="look.separatorPicture"
    density="compact"
    label="Address of the picture"
    clearable
    :error-messages="props.problems[`${props.path}.separatorPicture`]"
  />
</template>

<style scoped>
.px {
  margin-left: 6px;
}
</style>
