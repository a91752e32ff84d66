<script setup lang="ts">
import type { Schemas } from '../../api'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const css = defineModel<string | null>({ required: true })
const props = defineProps<{ problems: Schemas['CssProblemView'][] }>()
const parts =
  'listing heading introduction entries entry picture text title link byline excerpt tags more paging closing empty'.split(
    ' ',
  )

function type(event: Event): void {
  css.value = (event.target as HTMLTextAreaElement).value || null
}
</script>

<template>
  <p class="small soft">
    <RichText :of="rich('cssRulesFor', { parts: parts.join(', ') })" />
  </p>
  <textarea
    :value="css ?? ''"
    rows="7"
    spellcheck="false"
    :aria-label="t('cssParts')"
    placeholder="entry:hover title { text-decoration: underline }"
    @input="type"
  />
  <ul v-if="props.problems.length" class="small" role="alert">
    <li v-for="problem in props.problems" :key="`${problem.line} ${problem.message}`">
      <b>{{ t('lineLine', { line: problem.line }) }}</b> {{ problem.message }}
    </li>
  </ul>
</template>

<style scoped>
textarea {
  width: 100%;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: var(--sheet);
  color: inherit;
  font: 13px/1.5 var(--mono);
  padding: 8px 10px;
  resize: vertical;
}
ul {
  margin: 6px 0 0;
  padding: 0 0 0 12px;
  list-style: none;
  border-left: 3px solid var(--ochre);
}
code {
  font: 12.5px var(--mono);
}
</style>
