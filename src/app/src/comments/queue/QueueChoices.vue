<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, type Schemas, take } from '../../api'
import { AskButton, TickChip, useAct, useRefresh, useSites } from '../../shared'
import { t } from '../texts'

/** Which comments the queue shows, and the choices a person keeps under a name. */
const choice = defineModel<string>('choice', { required: true })
const search = defineModel<string>('search', { required: true })
const everywhere = defineModel<string>('everywhere', { required: true })
const props = defineProps<{ siteId: number }>()
const choices: { value: string; title: string }[] = [
  { value: '', title: t('all') },
  { value: 'reported', title: t('reported') },
  { value: 'newWriters', title: t('fromNewCommenters') },
  { value: 'withLinks', title: t('withLinks') },
  { value: 'likelySpam', title: t('likelySpam') },
  { value: 'mine', title: t('assignedMe') },
]
const { data: sites } = useSites()
const route = useRoute()
const router = useRouter()
const act = useAct()
const name = ref('')
const isNaming = ref(false)
const path = () => ({ path: { site: props.siteId } })
const { data: views } = useQuery({
  queryKey: ['comment-views', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/views', { params: path() })),
})
const isChosen = computed(() => !!(choice.value || search.value || everywhere.value || route.query.standing))
const currentQuery = () =>
  new URLSearchParams(
    Object.entries(route.query).flatMap(([key, value]) => (key === 'comment' || !value ? [] : [[key, String(value)]])),
  ).toString()
const reload = useRefresh('comment-views')

async function keep(): Promise<void> {
  const body = { name: name.value, query: currentQuery() }
  if (!(await act.run(() => take(api.POST('/api/sites/{site}/comments/views', { params: path(), body }))))) return
  isNaming.value = false
  name.value = ''
  await reload()
}

async function drop(view: Schemas['SavedViewView']): Promise<void> {
  await act.run(
    async () => (
      await take(
        api.DELETE('/api/sites/{site}/comments/views/{view}', { params: { path: { ...path().path, view: view.id } } }),
      ),
      true
    ),
  )
  await reload()
}

const open = (view: Schemas['SavedViewView']) =>
  router.replace({ query: Object.fromEntries(new URLSearchParams(view.query)) })
</script>

<template>
  <div class="choices">
    <v-select v-model="choice" :items="choices" density="compact" hide-details :aria-label="t('filter')" />
    <v-text-field
      v-model="search"
      density="compact"
      hide-details
      :label="t('searchComments')"
      clearable
      @click:clear="search = ''"
    />
    <div class="row">
      <TickChip
        v-if="(sites?.length ?? 0) > 1"
        :model-value="!!everywhere"
        @update:model-value="everywhere = $event ? 'yes' : ''"
        >{{ t('allSitesSites', { sites: sites?.length }) }}</TickChip
      >
      <span v-for="view in views" :key="view.id" class="kept">
        <button
          type="button"
          class="link"
          :aria-current="currentQuery() === view.query || undefined"
          @click="open(view)"
        >
          {{ view.name }}</button><AskButton
          class="link quiet"
          :aria-label="t('removeName', { name: view.name })"
          :title="t('removeFilterAsk', { name: view.name })"
          :text="t('removeFilterMeans')"
          :button="t('removeFilter')"
          :act="() => drop(view)"
          >×</AskButton
        >
      </span>
      <button v-if="isChosen && !isNaming" class="link small" @click="isNaming = true">{{ t('saveFilter') }}</button>
    </div>
    <form v-if="isNaming" class="row" novalidate @submit.prevent="keep" @keydown.esc="isNaming = false">
      <v-text-field
        v-model="name"
        density="compact"
        :label="t('filterName')"
        autofocus
        :error-messages="act.fields.value.name"
      />
      <v-btn type="submit" size="small" :loading="act.running.value">{{ t('save') }}</v-btn>
    </form>
  </div>
</template>

<style scoped>
.choices {
  padding: 0 18px 10px 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px;
}
.row {
  grid-column: 1/3;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.choices :deep(.v-field) {
  font-size: 14px;
  --v-input-control-height: 36px;
  --v-field-padding-top: 5px;
  --v-field-padding-bottom: 5px;
}
.choices :deep(.v-label) {
  font-size: 14px;
}
.chip {
  font-size: 13px;
}
.row:empty {
  display: none;
}
.kept {
  display: inline-flex;
  gap: 4px;
  align-items: center;
}
@media (max-width: 860px) {
  .choices {
    padding: 0 16px 10px;
  }
}
</style>
