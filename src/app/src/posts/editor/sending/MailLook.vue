<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take } from '../../../api'
import { useForecast } from './useForecast'
import { OneOf } from '../../../shared'
import { t } from '../../texts'

/** How the post looks in the mails that will bring it. */
const props = defineProps<{ siteId: number; postId: number; revision: number }>()
const path = () => ({ site: props.siteId, post: props.postId })
const { data: forecast } = useForecast(() => props)
const wanted = ref(0)
const digest = computed(
  () => forecast.value?.digests.find((digest) => digest.id === wanted.value)?.id ?? forecast.value?.digests[0]?.id,
)
const { data: mail } = useQuery({
  queryKey: ['post-mail', () => props.postId, () => props.revision, digest],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/channels/digests/{digest}/posts/{post}', {
        params: { path: { ...path(), digest: digest.value! } },
      }),
    ),
  enabled: () => digest.value !== undefined,
  placeholderData: (before) => before,
})
</script>

<template>
  <h3>{{ t('email') }}</h3>
  <p v-if="forecast && !forecast.digests.length" class="small soft">{{ t('notAnyEmailAlready') }}</p>
  <template v-else-if="mail">
    <OneOf
      v-if="forecast?.digests.length"
      :model-value="digest!"
      :label="t('digest')"
      :choices="forecast.digests.map((one) => [one.id, one.name] as const)"
      @update:model-value="wanted = $event"
    />
    <p class="small">
      <span class="soft">{{ t('subject') }}</span> {{ mail.subject }}
    </p>
    <pre v-if="!mail.html" tabindex="0">{{ mail.plain }}</pre>
    <iframe v-else sandbox="" :srcdoc="mail.html" :title="t('theEmail')" />
  </template>
</template>

<style scoped>
h3 {
  font-size: 18px;
  margin: 0;
}
p {
  margin: 0;
}
iframe {
  width: 100%;
  height: 420px;
  border: 1px solid var(--hair);
  border-radius: 6px;
  background: #fff;
}
pre {
  font-size: 12px;
  white-space: pre-wrap;
  overflow: auto;
  max-height: 420px;
}
</style>
