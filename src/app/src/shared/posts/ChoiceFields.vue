<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../api'
import { useTerms } from './useTerms'
import { t } from '../texts'

/** Which posts are meant: by blog, category, tag, author, and whether they are featured. */
const choice = defineModel<Schemas['ChannelChoice']>({ required: true })
const props = defineProps<{ siteId: number; readonly: boolean }>()
const { data: terms } = useTerms(() => props.siteId)
const { data: blogs } = useQuery({
  queryKey: ['blogs', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: props.siteId } } })),
})
const parts = [
  ['categories', t('categories')],
  ['tags', t('tags')],
  ['authors', t('authors')],
] as const
</script>

<template>
  <v-select
    v-model="choice.blogs"
    :items="(blogs ?? []).map((one) => ({ value: one.id, title: one.name }))"
    :label="t('blogs')"
    multiple
    chips
    clearable
    :placeholder="t('allBlogsWrittenHere')"
    persistent-placeholder
    :readonly="props.readonly"
  />
  <div class="terms">
    <v-select
      v-for="[name, label] in parts"
      :key="name"
      v-model="choice[name]"
      :items="terms?.[name] ?? []"
      :label="label"
      multiple
      clearable
      :placeholder="t('all')"
      persistent-placeholder
      :readonly="props.readonly"
    />
  </div>
  <v-switch v-model="choice.featuredOnly" :label="t('featuredPostsOnly')" :readonly="props.readonly" />
</template>

<style scoped>
.terms {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 10px;
}
</style>
