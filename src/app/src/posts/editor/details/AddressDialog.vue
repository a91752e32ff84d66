<script setup lang="ts">
import { ref } from 'vue'
import { t } from '../../texts'

const props = defineProps<{ kind: 'video' | 'audio' | 'card' }>()
const emit = defineEmits<{ done: [address: string]; close: [] }>()
const address = ref('')
const problem = ref('')
const words = {
  video: { title: t('video'), label: t('addressFileMp4Webm') },
  audio: { title: t('audio'), label: t('addressFileMp3M4a') },
  card: { title: t('linkPreview'), label: t('addressPage') },
}

function finish(): void {
  if (!/^https?:\/\/\S+$/i.test(address.value.trim())) problem.value = t('enterFullAddressStarting')
  else emit('done', address.value.trim())
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form @submit.prevent="finish">
        <h2>{{ words[props.kind].title }}</h2>
        <p v-if="props.kind !== 'card'" class="soft mt-2">{{ t('nothingLoadedUntilVisitor') }}</p>
        <p v-else class="soft mt-2">{{ t('titleTextPictureCopied') }}</p>
        <v-text-field
          v-model="address"
          class="mt-3"
          :label="words[props.kind].label"
          autofocus
          :error-messages="problem"
        />
        <div class="row mt-4">
          <v-btn type="submit">{{ t('insert') }}</v-btn><v-btn variant="text" @click="emit('close')">{{
            t('cancel')
          }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
