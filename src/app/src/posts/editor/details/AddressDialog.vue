<script setup lang="ts">
import { ref } from 'vue'

const props = defineProps<{ kind: 'video' | 'audio' | 'card' }>()
const emit = defineEmits<{ done: [address: string]; close: [] }>()
const address = ref('')
const problem = ref('')
const words = {
  video: { title: 'Video', label: 'Address of the file (MP4 or WebM)' },
  audio: { title: 'Audio', label: 'Address of the file (MP3, M4A or OGG)' },
  card: { title: 'Link preview', label: 'Address of the page' },
}

function finish(): void {
  if (!/^https?:\/\/\S+$/i.test(address.value.trim())) problem.value = 'Enter a full address starting with https://.'
  else emit('done', address.value.trim())
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form @submit.prevent="finish">
        <h2>{{ words[props.kind].title }}</h2>
        <p v-if="props.kind !== 'card'" class="soft mt-2">Nothing is loaded until the visitor presses play.</p>
        <p v-else class="soft mt-2">Title, text and picture are copied once, so visitors are not tracked.</p>
        <v-text-field
          v-model="address"
          class="mt-3"
          :label="words[props.kind].label"
          autofocus
          :error-messages="problem"
        />
        <div class="row mt-4">
          <v-btn type="submit">Insert</v-btn><v-btn variant="text" @click="emit('close')">Cancel</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
