<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../../api'
import { useTemplates } from './useTemplates'
import { t } from '../../texts'

/** Keeps a text as a template for others. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; template: Omit<Schemas['PostTemplateRequest'], 'name'> }>()
const name = ref('')
const { all, act, keep } = useTemplates(() => props.siteId)
const { running, trouble, fields } = act

async function save(): Promise<void> {
  if (await keep({ ...props.template, name: name.value })) open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="480">
    <v-card class="pa-6">
      <h2>{{ t('saveTemplate') }}</h2>
      <p class="my-3">
        {{ t('newPostsCanStart') }}
      </p>
      <form class="form" novalidate @submit.prevent="save">
        <v-text-field
          v-model="name"
          :label="t('nameSuchObservingReport')"
          autofocus
          :error-messages="fields.name ?? fields.bodyHtml"
        />
        <p v-if="all.data.value?.some((one) => one.name === name)" class="soft small">
          {{ t('replacesExistingTemplate') }}
        </p>
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div class="row">
          <v-btn type="submit" :loading="running">{{ t('saveTemplate2') }}</v-btn><v-btn
            variant="text"
            @click="open = false"
            >{{ t('cancel') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
