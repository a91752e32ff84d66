<script setup lang="ts">
import { ChoiceLine, NumberLine } from '../../shared'
import type { WholeLook } from './wholeLook'
import { t } from '../texts'

const look = defineModel<WholeLook>({ required: true })
const props = defineProps<{ problems: Record<string, string[]>; path: string }>()
const lengths = [
  ['width', t('maximumWidth'), 120, 2000],
  ['height', t('maximumHeightThenScrolls'), 120, 2000],
  ['padding', t('innerSpacing'), 0, 120],
  ['gapAcross', t('horizontalGap'), 0, 120],
  ['gapDown', t('verticalGap'), 0, 120],
  ['border', t('border'), 0, 20],
  ['radius', t('roundedCorners'), 0, 60],
] as const
const shadows = [
  ['none', t('none2')],
  ['soft', t('soft')],
  ['deep', t('deep')],
] as const
const separators = [
  ['byLayout', t('layoutDefault')],
  ['none', t('none2')],
  ['line', t('line')],
  ['picture', t('picture')],
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
    :empty="t('auto')"
    :problem="props.problems[`${props.path}.${name}`]?.[0]"
  >
    <span class="soft small px">{{ t('px') }}</span>
  </NumberLine>
  <ChoiceLine v-model="look.shadow" :label="t('shadow')" :choices="shadows" />
  <ChoiceLine v-model="look.separator" :label="t('betweenEntries')" :choices="separators" />
  <v-text-field
    v-if="look.separator === 'picture'"
    v-model="look.separatorPicture"
    density="compact"
    :label="t('addressPicture')"
    clearable
    :error-messages="props.problems[`${props.path}.separatorPicture`]"
  />
</template>

<style scoped>
.px {
  margin-left: 6px;
}
</style>
