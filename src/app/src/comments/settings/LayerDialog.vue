<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../api'
import LayerLines from './LayerLines.vue'
import { t } from '../texts'

/** Comment settings of the innermost layer: one post, or one page. */
const props = defineProps<{
  title: string
  layer: Schemas['CommentSettings']
  outside: Schemas['CommentSettings']
  from: string
  running: boolean
  problems: Record<string, string[]>
  button: string
}>()
const emit = defineEmits<{ done: [layer: Schemas['CommentSettings']]; close: [] }>()
const own = ref({ ...props.layer })
</script>

<template>
  <v-dialog :model-value="true" max-width="980" scrollable @update:model-value="emit('close')">
    <v-card class="pa-6">
      <h2>{{ props.title }}</h2>
      <p class="soft mb-2">{{ t('settingsDontChangeInherited', { from: props.from }) }}</p>
      <div class="lines">
        <LayerLines v-model="own" :outside="props.outside" :from="props.from" :problems="props.problems" />
      </div>
      <p v-if="Object.keys(props.problems).length" class="trouble" role="alert">
        {{ Object.values(props.problems)[0]?.[0] }}
      </p>
      <div class="row mt-4">
        <v-btn :loading="props.running" @click="emit('done', own)">{{ props.button }}</v-btn><v-btn
          variant="text"
          @click="emit('close')"
          >{{ t('cancel') }}</v-btn
        >
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.lines {
  overflow-y: auto;
  max-height: 62vh;
  padding-right: 8px;
}
</style>
