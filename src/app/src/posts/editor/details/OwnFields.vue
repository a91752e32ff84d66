<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../../api'
import { t } from '../../texts'

/** The fields of the blog's own. */
const values = defineModel<Schemas['FieldValue'][]>({ required: true })
const props = defineProps<{ siteId: number; blogId: number; fields: Record<string, string[]>; readonly: boolean }>()
const { data: own } = useQuery({
  queryKey: ['fields', () => props.siteId, () => props.blogId],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/blogs/{blog}/fields', {
        params: { path: { site: props.siteId, blog: props.blogId } },
      }),
    ),
  enabled: () => props.blogId > 0,
})
const of = (key: string) => values.value.find((value) => value.key === key)?.value ?? ''

function set(key: string, value: string | null | undefined): void {
  const rest = values.value.filter((one) => one.key !== key)
  values.value = value ? [...rest, { key, value: String(value) }] : rest
}
</script>

<template>
  <details v-if="own?.length" class="fold" open>
    <summary class="group">{{ t('customFields') }}</summary>
    <div class="fields">
      <template v-for="field in own" :key="field.key">
        <v-select
          v-if="field.kind === 'choice' || field.kind === 'yesNo'"
          :model-value="of(field.key) || null"
          :items="field.kind === 'choice' ? field.choices : ['yes', 'no']"
          :label="field.label + (field.isRequired ? ' *' : '')"
          clearable
          :readonly="props.readonly"
          :error-messages="props.fields[`ownValues.${field.key}`]"
          @update:model-value="(value: string | null) => set(field.key, value)"
        />
        <v-textarea
          v-else-if="field.kind === 'longText'"
          :model-value="of(field.key)"
          :label="field.label + (field.isRequired ? ' *' : '')"
          rows="2"
          :readonly="props.readonly"
          :error-messages="props.fields[`ownValues.${field.key}`]"
          @update:model-value="(value: string) => set(field.key, value)"
        />
        <v-text-field
          v-else
          :model-value="of(field.key)"
          :type="field.kind === 'date' ? 'date' : 'text'"
          :inputmode="field.kind === 'number' ? 'decimal' : undefined"
          :suffix="field.unit ?? undefined"
          :label="field.label + (field.isRequired ? ' *' : '')"
          :readonly="props.readonly"
          :error-messages="props.fields[`ownValues.${field.key}`]"
          @update:model-value="(value: string) => set(field.key, value)"
        />
      </template>
    </div>
  </details>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 12px;
  padding: 14px 0 10px;
}
</style>
