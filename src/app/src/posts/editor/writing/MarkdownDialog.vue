<script setup lang="ts">
import { onMounted, ref } from 'vue'
import { api, take } from '../../../api'
import { CopyButton, download, useAct } from '../../../shared'
import { t } from '../../texts'

/** The text as Markdown: read, changed, copied, saved, or put in the place of what is there. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; html: string; name: string; readonly: boolean }>()
const emit = defineEmits<{ taken: [html: string] }>()
const text = ref('')
const act = useAct()
const path = () => ({ params: { path: { site: props.siteId } } })
onMounted(async () => {
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/posts/markdown', { ...path(), body: { text: props.html } })),
  )
  text.value = made?.text ?? ''
})

async function apply(): Promise<void> {
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/posts/from-markdown', { ...path(), body: { text: text.value } })),
  )
  if (!made) return
  emit('taken', made.text)
  open.value = false
}

async function load(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (file) text.value = await file.text()
}
</script>

<template>
  <v-dialog v-model="open" max-width="820">
    <v-card class="pa-6">
      <h2>{{ t('textMarkdown') }}</h2>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <textarea
        v-model="text"
        class="snippet mt-3"
        rows="18"
        :aria-label="t('markdown')"
        spellcheck="false"
        :readonly="props.readonly"
      />
      <div class="row mt-4">
        <v-btn v-if="!props.readonly" :loading="act.running.value" @click="apply">{{ t('replacePostText') }}</v-btn>
        <CopyButton :text="text" :label="t('copy')" />
        <v-btn variant="outlined" @click="download(text, `${props.name || 'post'}.md`, 'text/markdown')">{{
          t('download')
        }}</v-btn>
        <label v-if="!props.readonly" class="link"
          >{{ t('openFile') }}<input type="file" accept=".md,.markdown,.txt" class="hidden" @change="load"
        /></label>
        <v-btn variant="text" @click="open = false">{{ t('close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
textarea {
  width: 100%;
  max-height: none;
  color: inherit;
}
.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
</style>
