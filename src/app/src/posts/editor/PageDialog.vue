<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { mdiClose } from '@mdi/js'
import { api, lineOf, type Schemas, take } from '../../api'
import { PageFrame } from '../../shared'
import { t } from '../texts'

/** The page of the post as it would be, at the widths readers have. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; post: Schemas['PostRequest'] }>()
const { data, error } = useQuery({
  queryKey: ['post-page', () => props.siteId, () => JSON.stringify(props.post)],
  queryFn: () =>
    take(api.POST('/api/sites/{site}/posts/page', { params: { path: { site: props.siteId } }, body: props.post })),
  gcTime: 0,
})
</script>

<template>
  <v-dialog v-model="open" fullscreen>
    <v-card class="whole">
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <PageFrame v-else :html="data?.html ?? null" :title="t('pagePost')">
        <b>{{ props.post.title || t('untitled') }}</b>
      </PageFrame>
      <button type="button" class="close" :aria-label="t('closePreview')" @click="open = false">
        <v-icon :icon="mdiClose" />
      </button>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.whole {
  display: flex;
  flex-direction: column;
  height: 100%;
}
.whole :deep(.frame-bar) {
  padding-right: 64px;
}
.close {
  position: absolute;
  top: 6px;
  right: 14px;
  width: 36px;
  height: 36px;
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
}
</style>
