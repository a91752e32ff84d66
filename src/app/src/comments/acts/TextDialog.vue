<script setup lang="ts">
import { ref } from 'vue'
import { t } from '../texts'

/** A text to write: a note for colleagues, or a comment's text changed. */
const props = defineProps<{
  title: string
  about: string
  label: string
  button: string
  text: string
  rows: number
  running: boolean
  trouble: string
}>()
const emit = defineEmits<{ done: [text: string]; close: [] }>()
const text = ref(props.text)
</script>

<template>
  <v-dialog :model-value="true" max-width="620" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form
        class="form"
        novalidate
        @submit.prevent="emit('done', text)"
        @keydown.ctrl.enter.prevent="emit('done', text)"
      >
        <h2>{{ props.title }}</h2>
        <p class="soft">{{ props.about }}</p>
        <v-textarea v-model="text" :label="props.label" :rows="props.rows" autofocus />
        <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
        <div class="row">
          <v-btn type="submit" :loading="props.running">{{ props.button }}</v-btn><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('cancel') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
