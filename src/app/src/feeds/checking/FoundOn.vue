<script setup lang="ts">
import type { Schemas } from '../../api'
import { RichText } from '../../texts'
import { rich, t } from '../texts'

/** Says that the address was that of a page, and which other feeds the page names. */
const props = defineProps<{ result: Schemas['SiteCheckView']; siteId: number }>()
const link = (address: string) => ({ path: `/s/${props.siteId}/feeds/check`, query: { url: address } })
</script>

<template>
  <div v-if="props.result.foundOn" class="small found">
    <RichText :of="rich('foundOnPage', { url: props.result.foundOn })"
      ><template #page="{ text }"
        ><a class="address" :href="props.result.foundOn" target="_blank" rel="noopener">{{ text }}</a></template
      ></RichText
    >
    <template v-if="props.result.others.length">
      {{ t('otherFeedsThere') }}
      <ul>
        <li v-for="other in props.result.others" :key="other">
          <router-link class="link" :to="link(other)">{{ other }}</router-link>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.found {
  padding-top: 10px;
  overflow-wrap: anywhere;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
