<script setup lang="ts">
import { useClipboard } from '@vueuse/core'
import { mdiCheck, mdiContentCopy } from '@mdi/js'
import { t } from '../texts'

const props = defineProps<{ text: string; label?: string; big?: boolean; quiet?: boolean }>()
const { copy, copied } = useClipboard({ legacy: true, copiedDuring: 2500 })
</script>

<template>
  <v-btn
    v-if="props.big"
    :variant="props.quiet ? 'outlined' : 'flat'"
    :prepend-icon="copied ? mdiCheck : mdiContentCopy"
    @click="copy(props.text)"
  >
    {{ copied ? t('copied') : (props.label ?? t('copy')) }}
  </v-btn>
  <button
    v-else
    type="button"
    class="copy"
    :aria-label="props.label ?? t('copy')"
    :title="props.label ?? t('copy')"
    @click="copy(props.text)"
  >
    <v-icon :icon="copied ? mdiCheck : mdiContentCopy" size="16" />
    <span aria-live="polite">{{ copied ? t('copied') : t('copy') }}</span>
  </button>
</template>

<style scoped>
.copy {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  background: none;
  border: 1px solid var(--rule);
  border-radius: 5px;
  padding: 2px 8px;
  font-size: 12.5px;
  color: var(--verdigris);
  font-weight: 600;
  cursor: pointer;
}
.copy:hover {
  border-color: var(--verdigris);
}
</style>
