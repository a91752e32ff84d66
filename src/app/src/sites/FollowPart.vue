<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import AddressLines from './AddressLines.vue'

/** Where readers can follow the site elsewhere; posts show it where the block is put in. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
</script>

<template>
  <AddressLines
    title="Follow links"
    store-key="follow-links"
    :site-id="props.siteId"
    :may-edit="props.mayEdit"
    address-label="Profile address"
    empty="No links yet. They appear in posts that contain a “Follow links” block."
    kept="Every post with the block shows these now."
    :load="() => take(api.GET('/api/sites/{site}/follow-links', path()))"
    :keep="
      (lines: Schemas['FollowLink'][]) => take(api.PUT('/api/sites/{site}/follow-links', { ...path(), body: lines }))
    "
  />
</template>
