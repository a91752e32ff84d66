<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ArrangeList } from '../../shared'
import { t } from '../texts'

/** The parts of an entry in the order they stand in. */
const parts = defineModel<Schemas['EntryPart'][]>({ required: true })
const props = defineProps<{ shown: Schemas['EntryPart'][]; bylineAbove: boolean }>()
const names: Record<Schemas['EntryPart'], string> = {
  picture: t('picture'),
  title: t('title'),
  byline: t('dateAuthor'),
  excerpt: t('excerpt'),
  tags: t('tags'),
  more: t('linkEnd'),
}
const usual = computed<Schemas['EntryPart'][]>(() =>
  props.bylineAbove
    ? ['picture', 'byline', 'title', 'excerpt', 'tags', 'more']
    : ['picture', 'title', 'byline', 'excerpt', 'tags', 'more'],
)
const all = computed(() => [...new Set([...parts.value, ...usual.value])].filter((part) => props.shown.includes(part)))
</script>

<template>
  <ArrangeList
    :model-value="all"
    :key-of="(part) => part"
    :name-of="(part) => names[part]"
    @update:model-value="(moved) => (parts = moved)"
  />
</template>
