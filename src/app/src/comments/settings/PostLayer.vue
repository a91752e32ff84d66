<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useSite } from '../../shared'
import LayerDialog from './LayerDialog.vue'
import { laidOver } from './useCommentSettings'
import { t } from '../texts'

/** Comment settings of one post, where they differ from its blog’s; kept with the post. */
const props = defineProps<{ layer: Schemas['CommentSettings'] | null; blogId: number }>()
const emit = defineEmits<{ done: [layer: Schemas['CommentSettings'] | null]; close: [] }>()
const { id } = useSite()
const { data: all } = useQuery({
  queryKey: ['comment-settings', id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/settings', { params: { path: { site: id.value } } })),
})
const blog = computed(() => all.value?.blogs.find((one) => one.id === props.blogId))
const outside = computed(
  () =>
    all.value &&
    laidOver(laidOver(all.value.usual, all.value.site), blog.value?.settings ?? ({} as Schemas['CommentSettings'])),
)

/** A layer that says nothing is none. */
const done = (layer: Schemas['CommentSettings']) =>
  emit('done', Object.values(layer).some((value) => value !== null && value !== undefined) ? layer : null)
</script>

<template>
  <LayerDialog
    v-if="outside"
    :title="t('commentsPost')"
    :layer="props.layer ?? ({} as Schemas['CommentSettings'])"
    :outside="outside"
    :from="blog ? blog.name : t('theSite')"
    :button="t('takeOver')"
    :running="false"
    :problems="{}"
    @done="done"
    @close="emit('close')"
  />
</template>
