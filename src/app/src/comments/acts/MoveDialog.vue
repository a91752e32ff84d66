<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, take } from '../../api'
import { t } from '../texts'

/** The conversation a comment is moved to, with everything below it. */
const props = defineProps<{ siteId: number; threadId: number; running: boolean; trouble: string }>()
const emit = defineEmits<{ done: [threadId: number]; close: [] }>()
const search = ref('')
const searched = refDebounced(search, 250)
const chosen = ref<number | null>(null)
const { data: threads } = useQuery({
  queryKey: ['threads', () => props.siteId, searched],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/threads', {
        params: { path: { site: props.siteId }, query: { search: searched.value || undefined } },
      }),
    ),
  placeholderData: (before) => before,
})
const offered = computed(() =>
  (threads.value ?? [])
    .filter((one) => one.id !== props.threadId)
    .map((one) => ({ value: one.id, title: one.title, subtitle: one.identifier })),
)
</script>

<template>
  <v-dialog :model-value="true" max-width="520" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form class="form" novalidate @submit.prevent="chosen && emit('done', chosen)">
        <h2>{{ t('moveAnotherConversation') }}</h2>
        <p class="soft">{{ t('repliesMovePermalinksKeep') }}</p>
        <v-autocomplete
          v-model="chosen"
          v-model:search="search"
          :label="t('thread')"
          :items="offered"
          no-filter
          autofocus
        />
        <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
        <div class="row">
          <v-btn type="submit" :disabled="!chosen" :loading="props.running">{{ t('move') }}</v-btn><v-btn
            variant="text"
            @click="emit('close')"
            >{{ t('leaveIt') }}</v-btn
          >
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
