<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../api'
import { WhenText } from '../shared'
import { t } from './texts'

/** The activity log of the site. */
const props = defineProps<{ siteId: number; zone: string | undefined }>()
const { data } = useQuery({
  queryKey: ['acts', () => props.siteId],
  staleTime: 0,
  queryFn: () => take(api.GET('/api/sites/{site}/acts', { params: { path: { site: props.siteId } } })),
})
</script>

<template>
  <section>
    <h2 class="group">{{ t('activityLog') }}</h2>
    <p v-if="data?.length === 0" class="soft">
      {{ t('nothingYetPublishingBulk') }}
    </p>
    <ul v-else>
      <li v-for="act in data" :key="act.id">
        <b>{{ act.by }}</b>
        <router-link v-if="act.postId" class="plain" :to="`/s/${props.siteId}/posts/${act.postId}`">{{
          act.what
        }}</router-link>
        <span v-else>{{ act.what }}</span>
        <WhenText class="soft small" :at="act.at" :zone="props.zone" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 8px 0;
  padding: 0;
  max-height: 340px;
  overflow: auto;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 6px;
  overflow-wrap: anywhere;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
}
.plain {
  color: inherit;
}
</style>
