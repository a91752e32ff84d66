<script setup lang="ts">
import type { Editor } from '@tiptap/core'
import { ref, toRef } from 'vue'
import { TickChip, useNotice } from '../../../shared'
import { useFind } from './useFind'
import { t } from '../../texts'

const props = defineProps<{ editor: Editor }>()
const emit = defineEmits<{ close: [] }>()
const { words, exact, at, found, show, replace, replaceAll } = useFind(toRef(() => props.editor) as never)
const other = ref('')
const { say } = useNotice()

function all(): void {
  const count = replaceAll(other.value)
  say(t('placesReplaced', { places: count }), () => void props.editor.commands.undo())
}
</script>

<template>
  <form class="find" role="search" :aria-label="t('findText')" @submit.prevent="show(1)" @keydown.esc="emit('close')">
    <v-text-field v-model="words" density="compact" :label="t('find')" autofocus />
    <span class="soft small" role="status">{{
      words ? (found.length ? t('atOfFound', { at: at + 1, found: found.length }) : t('noMatches')) : ''
    }}</span>
    <button type="submit" class="chip">{{ t('next') }}</button><button type="button" class="chip" @click="show(-1)">
      {{ t('previous') }}
    </button>
    <TickChip v-model="exact" :title="t('matchCase')">Aa</TickChip>
    <v-text-field v-model="other" density="compact" :label="t('replaceWith')" />
    <button type="button" class="chip" :disabled="!found.length" @click="replace(other)">{{ t('replace') }}</button>
    <button type="button" class="chip" :disabled="!found.length" @click="all">{{ t('replaceAll') }}</button>
    <button type="button" class="link" @click="emit('close')">{{ t('close') }}</button>
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
