<script setup lang="ts">
import { api, type Schemas, take } from '../api'
import AddressLines from './AddressLines.vue'
import { t } from './texts'

/** Where readers can follow the site elsewhere; posts show it where the block is put in. */
const props = defineProps<{ siteId: number; mayEdit: boolean }>()
const path = () => ({ params: { path: { site: props.siteId } } })
</script>

<template>
  <AddressLines
    :title="t('followLinks')"
    store-key="follow-links"
    :site-id="props.siteId"
    :may-edit="props.mayEdit"
    :address-label="t('profileAddress')"
    :empty="t('noLinksYetThey')"
    :kept="t('everyPostBlockShows')"
    :load="() => take(api.GET('/api/sites/{site}/follow-links', path()))"
    :keep="
      (lines: Schemas['FollowLink'][]) => take(api.PUT('/api/sites/{site}/follow-links', { ...path(), body: lines }))
    "
  />
</template>
