<script setup lang="ts" generic="T extends string | number | boolean">
import { computed } from 'vue'
import { DefaultLine, OneOf } from '../../shared'

/** One setting of a layer: as the layer outside says, or a value of its own. */
const value = defineModel<T | null | undefined>({ required: true })
const props = defineProps<{
  label: string
  hint?: string
  outside: T
  from: string
  choices?: { value: T; title: string }[]
  unit?: string
  least?: number
  most?: number
}>()
const isOwn = computed(() => value.value !== null && value.value !== undefined)
const shown = computed(() => value.value ?? props.outside)
const words = computed(() => {
  const { choices, outside, unit } = props
  return choices?.find((choice) => choice.value === outside)?.title ?? (unit ? `${outside} ${unit}` : String(outside))
})
const toggle = (on: boolean) => (value.value = on ? props.outside : null)
</script>

<template>
  <DefaultLine
    :label="props.label"
    :hint="props.hint"
    :is-own="isOwn"
    :from="props.from"
    :shown="words"
    @toggle="toggle"
  >
    <v-switch
      v-if="typeof shown === 'boolean'"
      :model-value="shown"
      :label="props.choices?.find((choice) => choice.value === shown)?.title"
      :aria-label="props.label"
      @update:model-value="value = $event as T"
    />
    <OneOf
      v-else-if="props.choices"
      :model-value="shown"
      :label="props.label"
      :choices="props.choices.map((choice) => [choice.value, choice.title] as const)"
      @update:model-value="value = $event"
    />
    <v-text-field
      v-else
      :model-value="shown"
      type="number"
      :min="props.least"
      :max="props.most"
      :suffix="props.unit"
      :aria-label="props.label"
      density="compact"
      hide-details
      @update:model-value="(now: string) => (value = (Number(now) || 0) as T)"
    />
  </DefaultLine>
</template>
