<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take, upload } from '../api'
import { dateForms, targets } from './words'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** Where each column goes, with samples, and how the values are written. */
const plan = defineModel<Schemas['ImportPlan']>('plan', { required: true })
const every = defineModel<number | null>('every', { required: true })
const props = defineProps<{ siteId: number; blogId: number; columns: Schemas['ColumnView'][]; mayFollow: boolean }>()
const trouble = ref('')
const file = ref<HTMLInputElement>()
const { data: own } = useQuery({
  queryKey: ['fields', () => props.siteId, () => props.blogId],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/blogs/{blog}/fields', {
        params: { path: { site: props.siteId, blog: props.blogId } },
      }),
    ),
})
const choices = computed(() => [
  ...targets,
  ...(own.value ?? []).map((field) => ({
    value: `own:${field.key}`,
    title: t('ownFieldLabel', { label: field.label }),
  })),
])
const valueOf = (name: string) => {
  const mapping = plan.value.columns.find((one) => one.column === name)
  return mapping?.target === 'ownField' ? `own:${mapping.field}` : (mapping?.target ?? '')
}
const used = computed(() => plan.value.columns.map((one) => one.target).filter(Boolean))
const hasTitle = computed(() => used.value.includes('title'))
const intervals = [
  { value: null, title: t('once') },
  { value: 60, title: t('everyHour') },
  { value: 360, title: t('everySixHours') },
  { value: 1440, title: t('everyDay') },
]

function set(name: string, value: string): void {
  const target = value.startsWith('own:') ? 'ownField' : value || null
  const field = value.startsWith('own:') ? value.slice(4) : null
  const columns = plan.value.columns.map((one) => {
    if (one.column === name) return { column: name, target: target as Schemas['ImportTarget'] | null, field }
    // Each target is filled by one column.
    return target && one.target === target && one.field === field ? { ...one, target: null, field: null } : one
  })
  plan.value = { ...plan.value, columns }
}

async function names(): Promise<void> {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  trouble.value = ''
  try {
    const found = await upload<Record<string, string>>('POST', `/api/sites/${props.siteId}/imports/names`, chosen)
    plan.value = { ...plan.value, names: { ...(plan.value.names ?? {}), ...found } }
  } catch (reason) {
    trouble.value = lineOf(reason)
  }
}
</script>

<template>
  <h2 class="group">{{ t('matchColumns') }}</h2>
  <p v-if="!hasTitle" class="o mt-2">{{ t('chooseTitleColumn') }}</p>
  <table class="ruled match">
    <thead>
      <tr>
        <th>{{ t('column') }}</th>
        <th class="samples">{{ t('sampleValues') }}</th>
        <th>{{ t('importAs') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="column in props.columns" :key="column.name" :class="{ out: !valueOf(column.name) }">
        <td>
          <b>{{ column.name }}</b>
          <p class="soft small">{{ t('values', { filled: column.filled }) }}</p>
        </td>
        <td class="samples">
          <p v-for="sample in column.samples" :key="sample">{{ sample }}</p>
        </td>
        <td class="goes">
          <v-select
            :model-value="valueOf(column.name)"
            :items="choices"
            density="compact"
            :aria-label="t('whatNameBecomes', { name: column.name })"
            @update:model-value="(value: string) => set(column.name, value)"
          />
        </td>
      </tr>
    </tbody>
  </table>
  <h2 class="group">{{ t('importOptions') }}</h2>
  <div class="how">
    <v-select v-model="plan.dateForm" :items="dateForms" :label="t('dateFormat')" />
    <v-text-field v-model="plan.listSeparator" :label="t('tagSeparator')" maxlength="3" />
    <v-text-field v-model="plan.author" :label="t('defaultAuthor')" />
    <v-text-field v-model="plan.category" :label="t('defaultCategory')" />
    <v-select v-if="props.mayFollow" v-model="every" :items="intervals" :label="t('sync')" />
    <v-switch v-model="plan.asDrafts" :label="t('importDrafts')" />
    <v-switch v-model="plan.fetchPictures" :label="t('copyPicturesLibrary')" />
    <v-switch v-model="plan.tidy" :label="t('cleanUpFormatting')" />
  </div>
  <p class="soft small">
    <RichText :of="plan.names ? rich('idsGivenKnown', { names: Object.keys(plan.names).length }) : rich('idsGiven')"
      ><template #upload="{ text }"
        ><button type="button" class="link" @click="file?.click()">{{ text }}</button></template
      ></RichText
    >
    <input
      ref="file"
      type="file"
      accept=".csv,.tsv,.txt,.json"
      class="hidden"
      :aria-label="t('tableNames')"
      @change="names"
    />
    <span v-if="trouble" class="m" role="alert"> {{ trouble }}</span>
  </p>
</template>

<style scoped>
.match td {
  vertical-align: middle;
}
.match p {
  margin: 0;
}
td.samples {
  font: 500 12.5px/1.5 var(--mono);
  color: var(--soft);
  overflow-wrap: anywhere;
}
.goes {
  width: 250px;
}
.out b {
  color: var(--soft);
  font-weight: 500;
}
.how {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(230px, 1fr));
  gap: 12px 16px;
  padding: 14px 0;
  align-items: center;
}
.hidden {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
}
@media (max-width: 860px) {
  .samples {
    display: none;
  }
  .goes {
    width: 190px;
  }
}
</style>
