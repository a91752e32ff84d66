<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { ref } from 'vue'
import { api, lineOf, take } from '../../api'
import { NoteMark, shortDate } from '../../shared'
import type { WholeDefinition } from '../wholeDefinition'
import { t } from '../texts'

const open = defineModel<boolean>({ required: true })
const props = defineProps<{ siteId: number; definition: WholeDefinition }>()
const typed = ref('')
const search = refDebounced(typed, 200)
const { data, error, isPending } = useQuery({
  queryKey: ['explain', () => props.siteId, () => JSON.stringify(props.definition), search],
  queryFn: () =>
    take(
      api.POST('/api/sites/{site}/listings/explain', {
        params: { path: { site: props.siteId }, query: { search: search.value || undefined } },
        body: { definition: props.definition, pageAddress: null },
      }),
    ),
  enabled: open,
  placeholderData: (before) => before,
})
</script>

<template>
  <v-dialog v-model="open" max-width="640">
    <v-card class="why">
      <h2>{{ t('whyPostMissing') }}</h2>
      <v-text-field v-model="typed" density="compact" :label="t('searchByTitle')" autofocus clearable />
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="isPending" class="waiting" role="status">{{ t('loading') }}</p>
      <p v-else-if="data?.length === 0" class="soft">{{ t('noPostHasThese') }}</p>
      <ul v-else>
        <li v-for="place in data" :key="place.postId">
          <NoteMark :mark="place.isShown ? 'inPlace' : 'leftOut'" />
          <div>
            <router-link class="t" :to="`/s/${props.siteId}/posts/${place.postId}`">{{ place.title }}</router-link>
            <p class="small soft">
              {{ place.why }}<template v-if="place.publishedAt"> · {{ shortDate(place.publishedAt) }}</template>
            </p>
          </div>
        </li>
      </ul>
      <div class="row">
        <v-btn variant="outlined" @click="open = false">{{ t('close') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.why {
  padding: 24px;
  display: grid;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--rule);
  max-height: 55vh;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: 30px 1fr;
  align-items: start;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
</style>
