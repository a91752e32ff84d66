<script setup lang="ts">
import { reactive } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ siteId: number; category: Schemas['CategoryView']; all: Schemas['CategoryView'][] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const form = reactive({
  name: props.category.name,
  above: props.category.above ?? '',
  description: props.category.description ?? '',
})
const act = useAct()

async function save(): Promise<void> {
  const body = { name: form.name, above: form.above || null, description: form.description || null }
  if (
    !(await act.run(
      async () => (
        await take(api.PUT('/api/sites/{site}/terms/categories', { params: { path: { site: props.siteId } }, body })),
        true
      ),
    ))
  )
    return
  emit('done')
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" @submit.prevent="save">
        <h2>{{ props.category.name || t('newCategory') }}</h2>
        <v-text-field
          v-if="!props.category.name"
          v-model="form.name"
          :label="t('name')"
          autofocus
          :error-messages="act.fields.value.name"
        />
        <v-select
          v-model="form.above"
          :label="t('parentCategory')"
          :items="[
            { title: t('noneTopLevel'), value: '' },
            ...props.all
              .filter((one) => one.name !== form.name)
              .map((one) => ({ title: one.path.join(' › '), value: one.name })),
          ]"
          :error-messages="act.fields.value.above"
        />
        <v-textarea
          v-model="form.description"
          :label="t('description')"
          rows="2"
          :error-messages="act.fields.value.description"
        />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <div class="row">
          <v-btn type="submit" :loading="act.running.value">{{ t('save') }}</v-btn><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('leaveIt') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
