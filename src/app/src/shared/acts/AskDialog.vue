<script setup lang="ts">
import DangerButton from './DangerButton.vue'
import { t } from '../texts'

/** Asks before something that touches a lot, or cannot be taken back. */
const props = defineProps<{ title: string; text: string; button: string; running: boolean; trouble: string }>()
const emit = defineEmits<{ done: []; close: [] }>()
</script>

<template>
  <v-dialog :model-value="true" max-width="480" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <h2>{{ props.title }}</h2>
      <p class="soft mt-2">{{ props.text }}</p>
      <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
      <div class="row mt-4">
        <DangerButton autofocus :loading="props.running" @click="emit('done')">{{ props.button }}</DangerButton><v-btn
          variant="text"
          @click="emit('close')"
          >{{ t('cancel') }}</v-btn
        >
      </div>
    </v-card>
  </v-dialog>
</template>
