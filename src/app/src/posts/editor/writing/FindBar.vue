<script setup lang="ts">
import type { Editor } from '@tiptap/core'
import { ref, toRef } from 'vue'
import { counted, useNotice } from '../../../shared'
import { useFind } from './useFind'

const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ close: [] }>()
const { words, exact, at, found, show, replace, replaceAll } = useFind(toRef(() => props.editor) as never)
const other = ref('')
const { say } = useNotice()

function all(): void {
  const count = replaceAll(other.value)
  say(`${counted(count, 'place')} replaced.`, () => void props.editor.commands.undo())
}
</script>

<template>
  <form class="find" role="search" aria-label="Find in the text" @submit.prevent="show(1)" @keydown.esc="emit('close')">
    <v-text-field v-model="words" density="compact" label="Find" autofocus />
    <span class="soft small" role="status">{{
      words ? (found.length ? `${at + 1} of ${found.length}` : 'No matches') : ''
    }}</span>
    <button type="submit" class="chip">Next</button
    ><button type="button" class="chip" @click="show(-1)">Previous</button>
    <v-checkbox v-model="exact" label="Aa" title="Match case" />
    <v-text-field v-model="other" density="compact" label="Replace with" />
    <button type="button" class="chip" :disabled="!found.length" @click="replace(other)">Replace</button>
    <button type="button" class="chip" :disabled="!found.length" @click="all">Replace all</button>
    <button type="button" class="link" @click="emit('close')">Close</button>
  </form>
</template>

<style scoped>
.find {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}
.find :deep(.v-input) {
  min-width: 130px;
}
</style>
