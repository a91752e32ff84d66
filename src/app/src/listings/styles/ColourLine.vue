<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { t } from '../texts'

/** One colour of a look: the page's own until another is given. */
const colour = defineModel<string | null>({ required: true })
const props = defineProps<{
  label: string
  found?: Schemas['FoundValue']
  pair?: Schemas['LookPair']
  otherwise?: string | null
  problem?: string
}>()
const shown = computed(() => colour.value ?? props.otherwise ?? props.found?.value ?? props.pair?.colour ?? null)
const isCode = computed(() => /^#[0-9a-f]{6}$/i.test(shown.value ?? ''))
const where = computed(() => {
  if (colour.value !== null) return ''
  if (props.otherwise) return 'ours'
  return props.found?.selector ? t('fromSelector', { selector: props.found.selector }) : t('fromPage')
})
const ratio = computed(() => (props.pair ? `${props.pair.ratio.toFixed(1)} : 1` : ''))

function type(event: Event): void {
  colour.value = (event.target as HTMLInputElement).value.trim() || null
}
</script>

<template>
  <div class="line colour">
    <span :id="`label-${props.label}`">{{ props.label }}</span>
    <span class="value">
      <input
        type="color"
        :value="isCode ? shown : '#888888'"
        :aria-label="t('pickColourLabel', { label: props.label })"
        @input="type"
      />
      <input
        class="code"
        :value="colour ?? ''"
        :placeholder="shown ?? t('inherited')"
        :aria-labelledby="`label-${props.label}`"
        spellcheck="false"
        @change="type"
      />
      <span v-if="props.pair?.nearest" class="tag o">{{ t('ratioContrastTooLow', { ratio }) }}</span>
      <span v-else class="soft note" :title="where">{{ [where, ratio].filter(Boolean).join(' · ') }}</span>
      <button
        v-if="colour !== null"
        type="button"
        class="link reset"
        :aria-label="t('usePagesOwnLabel', { label: props.label })"
        @click="colour = null"
      >
        {{ t('reset') }}
      </button>
      <button v-if="props.pair?.nearest" type="button" class="link small nearest" @click="colour = props.pair.nearest">
        <i :style="{ background: props.pair.nearest }" />
        {{ t('useNearestClosestReadable', { nearest: props.pair.nearest }) }}
      </button>
      <span v-if="props.problem" class="m small" role="alert">{{ props.problem }}</span>
    </span>
  </div>
</template>

<style scoped>
.line.colour {
  align-items: start;
  margin-bottom: 2px;
}
.line.colour > :first-child {
  line-height: 26px;
}
.value {
  display: grid;
  grid-template-columns: 22px 84px minmax(0, 1fr) auto;
  align-items: center;
  gap: 2px 9px;
  min-height: 26px;
}
input[type='color'] {
  appearance: none;
  width: 22px;
  height: 22px;
  padding: 0;
  border: 1px solid var(--soft);
  border-radius: 4px;
  background: none;
  cursor: pointer;
}
input[type='color']::-webkit-color-swatch-wrapper {
  padding: 0;
}
input[type='color']::-webkit-color-swatch {
  border: 0;
  border-radius: 3px;
}
.code {
  width: 84px;
  border: 0;
  border-bottom: 1px solid transparent;
  background: none;
  color: inherit;
  font: 13px var(--mono);
}
.code:hover,
.code:focus {
  border-bottom-color: var(--rule);
}
.code::placeholder {
  color: var(--ink);
  opacity: 1;
}
.note {
  font-size: 13px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.tag {
  justify-self: start;
}
.reset {
  font-size: 12.5px;
}
.nearest,
.value > .m {
  grid-column: 1 / -1;
  display: inline-flex;
  gap: 6px;
  align-items: center;
}
.nearest i {
  width: 11px;
  height: 11px;
  border-radius: 2px;
}
</style>
