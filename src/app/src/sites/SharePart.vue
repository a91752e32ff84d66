<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import AddressLines from './AddressLines.vue'
import { t } from './texts'

/** Where readers can pass posts on, beside mail; posts, and the listings that show it, have a plain link for each. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
</script>

<template>
  <AddressLines
    :title="t('shareLinks')"
    store-key="share-ways"
    :site-id="props.siteId"
    :may-edit="props.mayEdit"
    :address-label="t('shareAddress')"
    placeholder="https://lantern.example/new?text={title}%20{link}"
    :empty="t('readersCanAlwaysShare')"
    :kept="t('everyPostShowsThese')"
    :load="() => take(api.GET('/api/sites/{site}/share-ways', path()))"
    :keep="(lines: Schemas['ShareWay'][]) => take(api.PUT('/api/sites/{site}/share-ways', { ...path(), body: lines }))"
  />
</template>
