<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { MoveButtons, useAct, useNotice } from '../../shared'
import { t } from '../texts'

/** The fields of a blog's own: added, ordered, taken away. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const queries = useQueryClient()
const act = useAct()
const { say } = useNotice()
const { data: blogs } = useQuery({
  queryKey: ['blogs', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: props.siteId } } })),
})
const written = computed(() => blogs.value?.filter((blog) => blog.writtenHere) ?? [])
const blog = ref(0)
watch(written, (all) => (blog.value ||= all[0]?.id ?? 0), { immediate: true })
const { data } = useQuery({
  queryKey: ['fields', () => props.siteId, blog],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/blogs/{blog}/fields', { params: { path: { site: props.siteId, blog: blog.value } } }),
    ),
  enabled: () => blog.value > 0,
})
const fields = ref<Schemas['OwnField'][]>([])
watch(data, (now) => (fields.value = JSON.parse(JSON.stringify(now ?? []))), { immediate: true })
const dirty = computed(() => JSON.stringify(fields.value) !== JSON.stringify(data.value ?? []))
const kinds: { value: Schemas['OwnFieldKind']; title: string }[] = [
  { value: 'text', title: t('shortText') },
  { value: 'longText', title: t('severalLines') },
  { value: 'number', title: t('aNumber') },
  { value: 'date', title: t('aDay') },
  { value: 'choice', title: t('choice') },
  { value: 'yesNo', title: t('yesNo') },
  { value: 'picture', title: t('aPicture') },
  { value: 'link', title: t('aLink') },
]
const add = () =>
  fields.value.push({ key: '', label: '', kind: 'text', choices: [], unit: null, isRequired: false, isPublic: true })

function move(index: number, by: number): void {
  const [field] = fields.value.splice(index, 1)
  fields.value.splice(index + by, 0, field!)
}

async function save(): Promise<void> {
  const path = { site: props.siteId, blog: blog.value }
  if (
    !(await act.run(() =>
      take(api.PUT('/api/sites/{site}/blogs/{blog}/fields', { params: { path }, body: fields.value })),
    ))
  )
    return
  say(t('customFieldsSaved'))
  await queries.invalidateQueries({ queryKey: ['fields'] })
}
</script>

<template>
  <div class="fields">
    <p class="soft">
      {{ t('extraDetailsPostsBlog') }}
    </p>
    <v-select
      v-if="written.length > 1"
      v-model="blog"
      :items="written"
      item-title="name"
      item-value="id"
      :label="t('blog')"
      class="which"
    />
    <div v-for="(field, index) in fields" :key="index" class="field">
      <v-text-field
        v-model="field.label"
        :label="t('name')"
        density="compact"
        :readonly="!props.mayEdit"
        :error-messages="act.fields.value[`${index}.label`]"
      />
      <v-select v-model="field.kind" :items="kinds" :label="t('type')" density="compact" :readonly="!props.mayEdit" />
      <v-combobox
        v-if="field.kind === 'choice'"
        v-model="field.choices"
        multiple
        chips
        closable-chips
        :label="t('options')"
        density="compact"
        :error-messages="act.fields.value[`${index}.choices`]"
      />
      <v-text-field
        v-else-if="field.kind === 'number'"
        v-model="field.unit"
        :label="t('unit')"
        density="compact"
        :error-messages="act.fields.value[`${index}.unit`]"
      />
      <span v-else />
      <v-switch v-model="field.isRequired" :label="t('required')" />
      <v-switch v-model="field.isPublic" :label="t('showVisitors')" />
      <span v-if="props.mayEdit" class="row">
        <MoveButtons
          :name="field.label"
          :index="index"
          :count="fields.length"
          @move="(to) => move(index, to - index)"
        />
        <button type="button" class="link quiet" @click="fields.splice(index, 1)">{{ t('remove') }}</button>
      </span>
    </div>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <div v-if="props.mayEdit" class="row">
      <v-btn variant="outlined" @click="add">{{ t('addField') }}</v-btn><v-btn
        :disabled="!dirty"
        :loading="act.running.value"
        @click="save"
        >{{ t('saveFields') }}</v-btn
      >
      <span v-if="dirty" class="soft small">{{ t('valuesRemovedFieldsKept') }}</span>
    </div>
  </div>
</template>

<style scoped>
.fields {
  padding-top: 14px;
  display: grid;
  gap: 14px;
}
.which {
  max-width: 320px;
}
.field {
  display: grid;
  grid-template-columns: 1.2fr 1fr 1.4fr auto auto auto;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--hair);
  padding-bottom: 12px;
}
@media (max-width: 1000px) {
  .field {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
