<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../../api'
import { usePatterns } from './usePatterns'

/** Keeps a text as a skeleton for others. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; pattern: Omit<Schemas['PatternRequest'], 'name'> }>()
const name = ref('')
const { all, act, keep } = usePatterns(() => props.siteId)
const { running, trouble, fields } = act

async function save(): Promise<void> {
  if (await keep({ ...props.pattern, name: name.value })) open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="480">
    <v-card class="pa-6">
      <h2>Keep it as a pattern</h2>
      <p class="my-3">
        New posts can start from this text, category and tags. Turn sentences into prompts with “Put in”, and the first
        letter typed there takes their place.
      </p>
      <form class="form" novalidate @submit.prevent="save">
        <v-text-field
          v-model="name"
          label="Name, such as Observing report"
          autofocus
          :error-messages="fields.name ?? fields.bodyHtml"
        />
        <p v-if="all.data.value?.some((one) => one.name === name)" class="soft small">
          Replaces the pattern of that name.
        </p>
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div class="row">
          <v-btn type="submit" :loading="running">Keep it</v-btn
          ><v-btn variant="text" @click="open = false">Cancel</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
