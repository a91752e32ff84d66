<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import AddressLines from './AddressLines.vue'

/** Where readers can follow the site elsewhere; posts show it where the block is put in. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
</script>

<template>
  <AddressLines
    title="Where to follow the site"
    store-key="follow-links"
    :site-id="props.siteId"
    :may-edit="props.mayEdit"
    address-label="Address of your page there"
    empty="No place is named yet. Posts show the list where “Follow links” is put in."
    kept="Every post with the block shows these now."
    :load="() => take(api.GET('/api/sites/{site}/follow-links', path()))"
    :keep="
      (lines: Schemas['FollowLink'][]) => take(api.PUT('/api/sites/{site}/follow-links', { ...path(), body: lines }))
    "
  />
</template>
