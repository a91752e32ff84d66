<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../api'
import { CopyButton } from '../shared'

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
    <v-card title="Webmention, Pingback and Trackback">
      <v-card-text>
        <p>Posts on our pages do this automatically. If posts are on your own pages, add this line to their head.</p>
        <template v-if="data">
          <pre class="snippet">{{ data.markup }}</pre>
          <CopyButton :text="data.markup" label="Copy the line" />
          <h3>Manual form</h3>
          <p>Anyone can report a link to you here.</p>
          <p class="address">{{ data.webmention }} <CopyButton :text="data.webmention" label="Copy the address" /></p>
        </template>
      </v-card-text>
      <v-card-actions><v-btn variant="text" @click="isOpen = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>
