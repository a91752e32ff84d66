<script setup lang="ts">
import { computed } from 'vue'
import { DefaultLine } from '../../shared'

/** A setting of words: one text, or a list with one item per line. It is as the layer outside says until it is set here. */
const value = defineModel<string | string[] | null | undefined>({ required: true })
const props = defineProps<{
  label: string
  hint?: string
  outside: string | string[]
  from: string
  placeholder?: string
  kind?: 'lines' | 'time' | 'line'
  problem?: string
}>()
const isOwn = computed(() => value.value !== null && value.value !== undefined)
const isList = computed(() => Array.isArray(props.outside))
const asText = (text: string | string[]) => (Array.isArray(text) ? text.join(props.kind === 'line' ? ' ' : '\n') : text)
const shown = computed(() => asText(value.value ?? props.outside))

function write(text: string): void {
  if (!isList.value) value.value = text
  else
    value.value = text
      .split(props.kind === 'line' ? ' ' : '\n')
      .filter((line, at, all) => line.trim() || at === all.length - 1)
}

const trim = () => {
  if (Array.isArray(value.value)) value.value = value.value.map((line) => line.trim()).filter(Boolean)
}
const toggle = (on: boolean) => (value.value = on ? props.outside : null)
</script>

<template>
  <DefaultLine
    :label="props.label"
    :hint="props.hint"
    :is-own="isOwn"
    :from="props.from"
    :shown="asText(props.outside)"
    @toggle="toggle"
  >
    <v-text-field
      v-if="props.kind === 'time' || props.kind === 'line'"
      :model-value="shown"
      :type="props.kind === 'time' ? 'datetime-local' : 'text'"
      :aria-label="props.label"
      :placeholder="props.placeholder"
      density="compact"
      :error-messages="props.problem"
      @update:model-value="write"
      @blur="trim"
    />
    <v-textarea
      v-else
      :model-value="shown"
      rows="2"
      max-rows="8"
      :aria-label="props.label"
      :placeholder="props.placeholder"
      density="compact"
      :error-messages="props.problem"
      @update:model-value="write"
      @blur="trim"
    />
  </DefaultLine>
</template>
