<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { ManyOf, NumberLine, QuestionPart, useTerms } from '../../shared'
import FieldConditions from './FieldConditions.vue'
import { useOwnFields } from '../useOwnFields'
import type { WholeDefinition } from '../wholeDefinition'
import { t } from '../texts'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{ siteId: number; blogs: Schemas['BlogView'][]; fields: Record<string, string[]> }>()
const { data: terms } = useTerms(() => props.siteId)
const own = useOwnFields(
  () => props.siteId,
  () => definition.value.blogs,
)
const filter = computed(() => definition.value.filter)
const asked = computed(() => {
  const { categories, tags, authors, featuredOnly, withPictureOnly, maxAgeDays, titleWords } = filter.value
  const parts = [
    ...categories.any,
    ...tags.any,
    ...tags.all,
    ...authors,
    ...[...categories.none, ...tags.none].map((name) => t('notName', { name })),
  ]
  if (featuredOnly) parts.push(t('featured'))
  if (withPictureOnly) parts.push(t('withPicture'))
  if (maxAgeDays) parts.push(t('maxagedaysDays', { maxAgeDays }))
  if (titleWords) parts.push(`“${titleWords}”`)
  for (const one of filter.value.fields)
    parts.push(`${own.value.find((field) => field.key === one.key)?.label ?? one.key} ${one.value ?? t('filledIn')}`)
  return parts
})
const open = ref(asked.value.length > 0)
const answer = computed(() => {
  const names = props.blogs.filter((blog) => definition.value.blogs.includes(blog.id)).map((blog) => blog.name)
  return names.length ? [names.join(', '), ...asked.value].join(' · ') : t('noneYet')
})
const terms3 = computed(
  () =>
    [
      [t('categoriesAny'), filter.value.categories, 'any', terms.value?.categories],
      [t('categoriesNone'), filter.value.categories, 'none', terms.value?.categories],
      [t('tagsAny'), filter.value.tags, 'any', terms.value?.tags],
      [t('tagsAll'), filter.value.tags, 'all', terms.value?.tags],
      [t('tagsNone'), filter.value.tags, 'none', terms.value?.tags],
    ] as const,
)
</script>

<template>
  <QuestionPart :title="t('whichPosts')" :answer="answer">
    <ManyOf
      v-model="definition.blogs"
      :label="t('blogs')"
      :choices="props.blogs.map((blog) => [blog.id, blog.name] as const)"
    />
    <p v-if="definition.blogs.length === 0 || props.fields['definition.blogs']" class="m small" role="alert">
      {{ t('chooseLeastOneBlog') }}
    </p>
    <button type="button" class="link small mt-2" :aria-expanded="open" @click="open = !open">
      {{ open ? t('hideConditions') : t('addConditions') }}
    </button>
    <div v-if="open" class="conditions">
      <v-autocomplete
        v-for="[label, group, kind, items] in terms3"
        :key="label"
        v-model="group[kind]"
        :label="label"
        :items="items ?? []"
        multiple
        chips
        closable-chips
        density="compact"
      />
      <v-autocomplete
        v-model="filter.authors"
        :label="t('authors')"
        :items="terms?.authors ?? []"
        multiple
        chips
        closable-chips
        density="compact"
      />
      <v-text-field v-model="filter.titleWords" :label="t('wordsTitle')" density="compact" clearable />
      <NumberLine
        v-model="filter.maxAgeDays"
        :label="t('maximumAgeDays')"
        name="max-age"
        :min="1"
        :max="36500"
        :empty="t('any')"
        :problem="props.fields['definition.filter.maxAgeDays']?.[0]"
      />
      <NumberLine
        v-model="definition.mostPerBlog"
        :label="t('maximumPerBlog')"
        name="most-per-blog"
        :min="1"
        :max="50"
        :empty="t('any')"
      />
      <FieldConditions
        v-if="own.length || filter.fields.length"
        v-model="filter.fields"
        :own="own"
        :fields="props.fields"
      />
      <v-switch v-model="filter.featuredOnly" :label="t('featuredPostsOnly')" />
      <v-switch v-model="filter.withPictureOnly" :label="t('postsPictureOnly')" />
      <v-switch v-model="definition.leaveOutCurrent" :label="t('excludeCurrentPost')" />
    </div>
  </QuestionPart>
</template>

<style scoped>
.conditions {
  display: grid;
  gap: 10px;
  padding-top: 10px;
}
</style>
