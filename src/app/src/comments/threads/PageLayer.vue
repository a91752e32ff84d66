<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import LayerDialog from '../settings/LayerDialog.vue'
import { laidOver } from '../settings/useCommentSettings'
import { t } from '../texts'

/** Comment settings of a page that is no post. */
const props = defineProps<{ siteId: number; thread: Schemas['ThreadView'] }>()
const emit = defineEmits<{ close: [] }>()
const queries = useQueryClient()
const act = useAct()
const { say } = useNotice()
const path = () => ({ params: { path: { site: props.siteId, thread: props.thread.id } } })
const { data: layer } = useQuery({
  queryKey: ['thread-settings', () => props.thread.id],
  queryFn: () => take(api.GET('/api/sites/{site}/threads/{thread}/settings', path())),
})
const { data: all } = useQuery({
  queryKey: ['comment-settings', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/settings', { params: { path: { site: props.siteId } } })),
})
const outside = computed(() => all.value && laidOver(all.value.usual, all.value.site))

async function save(settings: Schemas['CommentSettings']): Promise<void> {
  if (
    !(await act.run(() => take(api.PUT('/api/sites/{site}/threads/{thread}/settings', { ...path(), body: settings }))))
  )
    return
  await queries.invalidateQueries({ queryKey: ['thread-settings'] })
  say(t('setTitle', { title: props.thread.title }))
  emit('close')
}
</script>

<template>
  <LayerDialog
    v-if="layer && outside"
    :title="t('commentsTitle', { title: props.thread.title })"
    :layer="layer"
    :outside="outside"
    :from="t('theSite')"
    :button="t('save')"
    :running="act.running.value"
    :problems="act.fields.value"
    @done="save"
    @close="emit('close')"
  />
</template>
