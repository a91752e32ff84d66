<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'
import { t } from './texts'

/** Whether posts that were not written here go out too, with what that would have been of late. */
const props = defineProps<{ siteId: number; draft: Schemas['DigestRequest']; mayEdit: boolean }>()
const settings = computed(() => props.draft.settings)
const isEach = computed(() => settings.value.rhythm.every === 'post')
const asked = refDebounced(
  computed(() => JSON.stringify([props.siteId, settings.value.choice, props.draft.segmentId, props.draft.isUsual])),
  300,
)
const { data } = useQuery({
  queryKey: ['digest-reach', asked],
  queryFn: () =>
    take(
      api.POST('/api/sites/{site}/channels/digests/reach', {
        params: { path: { site: props.siteId } },
        body: props.draft,
      }),
    ),
})
const followed = computed({
  get: () => settings.value.withFollowed ?? !isEach.value,
  set: (on) => (settings.value.withFollowed = on),
})
const broughtIn = computed({
  get: () => settings.value.withBroughtIn ?? !isEach.value,
  set: (on) => (settings.value.withBroughtIn = on),
})

/** "Last 30 days: 12 posts, 2,880 emails". */
function told(posts: number): string {
  if (!data.value) return ' '
  if (posts === 0) return t('noneLastDaysDays', { days: data.value.days })
  const emails = isEach.value ? `, ${t('emails', { posts: posts * data.value.receivers })}` : ''
  return t('lastDaysDaysPosts', { days: data.value.days, posts, emails })
}
</script>

<template>
  <div class="origins">
    <v-switch v-model="followed" :readonly="!props.mayEdit">
      <template #label
        ><span class="lines"
          >{{ t('alsoPostsFollowedFeeds') }}<small>{{ told(data?.followed ?? 0) }}</small></span
        ></template
      >
    </v-switch>
    <v-switch v-model="broughtIn" :readonly="!props.mayEdit">
      <template #label
        ><span class="lines"
          >{{ t('alsoImportedPosts') }}<small>{{ told(data?.broughtIn ?? 0) }}</small></span
        ></template
      >
    </v-switch>
  </div>
</template>

<style scoped>
.lines {
  display: grid;
  padding: 4px 0;
}
.lines small {
  min-height: 1.4em;
  font-size: 13px;
}
</style>
