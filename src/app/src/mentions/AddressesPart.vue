<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../api'
import { CopyButton } from '../shared'
import { t } from './texts'

/** Where other sites tell us, for pages that are not ours. */
const isOpen = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number }>()
const { data } = useQuery({
  queryKey: ['mention-addresses', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/mentions/addresses', { params: { path: { site: props.siteId } } })),
  enabled: isOpen,
})
</script>

<template>
  <v-dialog v-model="isOpen" max-width="640">
    <v-card :title="t('webmentionPingbackTrackback')">
      <v-card-text>
        <p>{{ t('postsOurPagesDo') }}</p>
        <template v-if="data">
          <pre class="snippet" tabindex="0">{{ data.markup }}</pre>
          <CopyButton :text="data.markup" :label="t('copyLine')" />
          <h3>{{ t('manualForm') }}</h3>
          <p>{{ t('anyoneCanReportLink') }}</p>
          <p class="address">{{ data.webmention }} <CopyButton :text="data.webmention" :label="t('copyAddress')" /></p>
        </template>
      </v-card-text>
      <v-card-actions
        ><v-btn variant="text" @click="isOpen = false">{{ t('close') }}</v-btn></v-card-actions
      >
    </v-card>
  </v-dialog>
</template>
