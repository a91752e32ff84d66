<script setup lang="ts">
import { ref } from 'vue'

const props = defineProps<{ kind: 'video' | 'audio' | 'card' }>()
const emit = defineEmits<{ done: [address: string]; close: [] }>()
const address = ref('')
const problem = ref('')
const words = {
  video: { title: 'A film', label: 'Address of the file (MP4 or WebM)' },
  audio: { title: 'A sound', label: 'Address of the file (MP3, M4A or OGG)' },
  card: { title: 'A card of a page', label: 'Address of the page' },
}

function finish(): void {
  if (!/^https?:\/\/\S+$/i.test(address.value.trim()))
    problem.value = 'Enter the whole address, starting with https://.'
  else emit('done', address.value.trim())
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form @submit.prevent="finish">
        <h2>{{ words[props.kind].title }}</h2>
        <p v-if="props.kind !== 'card'" class="soft mt-2">Readers load nothing of it before they start it.</p>
        <p v-else class="soft mt-2">
          Title, text and picture are read once and kept here, so that readers are not followed from there.
        </p>
        <v-text-field
          v-model="address"
          class="mt-3"
          :label="words[props.kind].label"
          autofocus
          :error-messages="problem"
        />
        <div class="row mt-4">
          <v-btn type="submit">Put it in</v-btn><v-btn variant="text" @click="emit('close')">Leave it</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
