<script setup lang="ts">
import { reactive } from 'vue'
import { api, type Schemas, take } from '../api'
import { useAct, useNotice, useRefresh } from '../shared'
import { t } from './texts'

/** Name and description of a blog. */
const props = defineProps<{ siteId: number; blog: Schemas['BlogView'] }>()
const emit = defineEmits<{ close: [] }>()
const form = reactive({ name: props.blog.name, description: props.blog.description ?? '' })
const act = useAct()
const { say } = useNotice()
const reload = useRefresh('blogs', 'coverage', 'posts', 'feeds')

const change = (body: Schemas['BlogRequest']) =>
  take(
    api.PUT('/api/sites/{site}/blogs/{blog}', {
      params: { path: { site: props.siteId, blog: props.blog.id } },
      body,
    }),
  )

async function save(): Promise<void> {
  const changed = await act.run(() => change({ name: form.name, description: form.description || null }))
  if (!changed) return
  const before = { name: props.blog.name, description: props.blog.description }
  await reload()
  say(t('nameSaved', { name: changed.name }), async () => {
    await change(before)
    await reload()
  })
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" novalidate @submit.prevent="save">
        <h2>{{ t('renameBlog') }}</h2>
        <v-text-field
          v-model="form.name"
          :label="t('nameBlog')"
          name="name"
          autofocus
          :error-messages="act.fields.value.name"
        />
        <v-textarea
          v-model="form.description"
          :label="t('description')"
          rows="3"
          :error-messages="act.fields.value.description"
        />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">{{ t('save') }}</v-btn><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('cancel') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
