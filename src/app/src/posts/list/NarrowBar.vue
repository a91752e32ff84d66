<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import type { usePostList } from './usePostList'
import { t } from '../texts'

const props = defineProps<{
  narrow: ReturnType<typeof usePostList>['narrow']
  terms: Schemas['TermsView'] | undefined
  blogs: Schemas['BlogView'][] | undefined
}>()
const blogs = computed(() => (props.blogs ?? []).map((blog) => ({ title: blog.name, value: String(blog.id) })))
const { blog, author, category, tag, from, to, findings } = props.narrow
</script>

<template>
  <div class="narrow">
    <v-select v-model="blog" :items="blogs" :label="t('blog')" density="compact" clearable @click:clear="blog = ''" />
    <v-autocomplete
      v-model="author"
      :items="props.terms?.authors ?? []"
      :label="t('author')"
      density="compact"
      clearable
      @click:clear="author = ''"
    />
    <v-autocomplete
      v-model="category"
      :items="props.terms?.categories ?? []"
      :label="t('category')"
      density="compact"
      clearable
      @click:clear="category = ''"
    />
    <v-autocomplete
      v-model="tag"
      :items="props.terms?.tags ?? []"
      :label="t('tag')"
      density="compact"
      clearable
      @click:clear="tag = ''"
    />
    <v-text-field v-model="from" type="date" :label="t('from')" density="compact" />
    <v-text-field v-model="to" type="date" :label="t('text3')" density="compact" />
    <v-checkbox
      :model-value="findings === 'yes'"
      :label="t('issuesOnly')"
      @update:model-value="(on: boolean | null) => (findings = on ? 'yes' : '')"
    />
  </div>
</template>

<style scoped>
.narrow {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(165px, 1fr));
  gap: 10px;
  padding: 16px 0;
  align-items: center;
}
</style>
