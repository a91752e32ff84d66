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
    <v-card title="Where others tell us">
      <v-card-text>
        <p>
          Posts that live with us say so by themselves. Where posts stand in pages of your own website, put this line
          into the head of those pages, so that other sites find us.
        </p>
        <template v-if="data">
          <pre class="snippet">{{ data.markup }}</pre>
          <CopyButton :text="data.markup" label="Copy the line" />
          <h3>By hand</h3>
          <p>Anybody can tell a link by hand at this address.</p>
          <p class="address">{{ data.webmention }} <CopyButton :text="data.webmention" label="Copy the address" /></p>
        </template>
      </v-card-text>
      <v-card-actions><v-btn variant="text" @click="isOpen = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>
