<script setup lang="ts" generic="T extends string | number | boolean">
import { computed, nextTick, useTemplateRef } from 'vue'

/**
 * One of a few: side by side up to four, from five on a list that opens; also where their words would not fit into
 * `room`, in letters. `wide` keeps all side by side where what stands behind each name, such as a count, is worth seeing
 * at once.
 */
const chosen = defineModel<T>({ required: true })
const props = defineProps<{
  label: string
  choices: readonly (readonly [T, string, (string | number)?])[]
  room?: number
  wide?: boolean
  disabled?: readonly T[]
}>()
const row = useTemplateRef('row')
const letters = computed(() => props.choices.reduce((sum, [, name]) => sum + name.length + 3, 0))
const isFolded = computed(() => !props.wide && (props.choices.length > 4 || letters.value > (props.room ?? 80)))
const at = computed(() =>
  Math.max(
    0,
    props.choices.findIndex(([value]) => value === chosen.value),
  ),
)
const steps: Record<string, 1 | -1> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }

async function key(event: KeyboardEvent): Promise<void> {
  const step = steps[event.key]
  if (!step || !props.choices.length) return
  event.preventDefault()
  event.stopPropagation()
  const next = (at.value + step + props.choices.length) % props.choices.length
  chosen.value = props.choices[next]![0]
  await nextTick()
  row.value?.querySelectorAll('button')[next]?.focus()
}
</script>

<template>
  <v-select
    v-if="isFolded"
    v-model="chosen"
    class="folded"
    density="compact"
    hide-details
    :aria-label="props.label"
    :items="props.choices.map(([value, title]) => ({ value, title }))"
  />
  <span
    v-else
    ref="row"
    class="one-of"
    :class="{ wide: props.wide }"
    role="radiogroup"
    :aria-label="props.label"
    @keydown="key"
  >
    <button
      v-for="([value, name, behind], index) in props.choices"
      :key="String(value)"
      type="button"
      role="radio"
      :aria-checked="chosen === value"
      :tabindex="index === at ? 0 : -1"
      :disabled="props.disabled?.includes(value)"
      @click="chosen = value"
    >
      {{ name }}<small v-if="behind !== undefined">{{ ' ' }}{{ behind }}</small>
    </button>
  </span>
</template>

<style scoped>
.one-of {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 2px;
  padding: 2px;
  border-radius: 8px;
  background: var(--hair);
  width: fit-content;
  max-width: 100%;
}
button {
  border: 0;
  border-radius: 6px;
  background: none;
  padding: 3px 11px;
  min-height: 28px;
  font-size: 13.5px;
  cursor: pointer;
}
.wide button {
  flex: 1 0 auto;
  padding-inline: 8px;
}
button:hover:enabled {
  background: color-mix(in srgb, var(--sheet) 70%, transparent);
}
button[aria-checked='true'] {
  background: var(--sheet);
  box-shadow: inset 0 0 0 1.5px var(--verdigris);
  color: var(--verdigris);
  font-weight: 600;
}
button:disabled {
  color: var(--soft);
  cursor: not-allowed;
  text-decoration: line-through;
}
small {
  font-size: inherit;
  font-weight: 400;
  font-variant-numeric: tabular-nums;
}
.folded {
  max-width: 20rem;
}
@media (max-width: 600px) {
  button {
    min-height: 36px;
  }
}
</style>
