<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import AddressLines from './AddressLines.vue'

/** Where readers can pass posts on, beside mail; posts, and the listings that show it, have a plain link for each. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
</script>

<template>
  <AddressLines
    title="Share links"
    store-key="share-ways"
    :site-id="props.siteId"
    :may-edit="props.mayEdit"
    address-label="Share address, with {link} and {title}"
    placeholder="https://lantern.example/new?text={title}%20{link}"
    empty="Readers can always share by email, copy the link, or use their device’s share menu. Add other services here; nothing is loaded from them."
    kept="Every post shows these now."
    :load="() => take(api.GET('/api/sites/{site}/share-ways', path()))"
    :keep="(lines: Schemas['ShareWay'][]) => take(api.PUT('/api/sites/{site}/share-ways', { ...path(), body: lines }))"
  />
</template>
