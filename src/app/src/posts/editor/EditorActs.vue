<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import { t } from '../texts'

/** What can be done with the post as it stands. */
const props = defineProps<{
  siteId: number
  stored: Schemas['PostView'] | null
  status: Schemas['PostStatus']
  dirty: boolean
  running: boolean
  mayEdit: boolean
  mayWrite: boolean
}>()
const emit = defineEmits<{ ask: []; change: [status: Schemas['PostStatus'], done: string, extra?: object] }>()
const act = useAct()
const { say } = useNotice()
const returning = ref(false)
const note = ref('')

async function preview(): Promise<void> {
  const path = { site: props.siteId, post: props.stored!.id }
  const link = await act.run(() => take(api.POST('/api/sites/{site}/posts/{post}/preview-link', { params: { path } })))
  if (!link) return
  await navigator.clipboard.writeText(link.address)
  say(t('previewLinkCopiedAnyone'))
}

function passBack(): void {
  returning.value = false
  emit('change', 'draft', t('sentBack'), { reviewNote: note.value || null })
}
</script>

<template>
  <v-menu v-if="props.stored && props.mayWrite">
    <template #activator="{ props: opener }"
      ><v-btn variant="outlined" v-bind="opener">{{ t('more') }}</v-btn></template
    >
    <v-list density="compact">
      <v-list-item v-if="props.status !== 'published'" :title="t('copyPreviewLink')" @click="preview" />
      <v-list-item
        v-if="props.status === 'published'"
        :title="t('viewPost')"
        :href="props.stored.address"
        target="_blank"
        rel="noopener"
      />
      <v-list-item
        v-if="props.status === 'published'"
        :title="t('destinations')"
        :to="`/s/${props.siteId}/posts/${props.stored.id}/where`"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'scheduled'"
        :title="t('unschedule')"
        @click="emit('change', 'draft', t('draftAgain'))"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'published'"
        :title="t('withdraw')"
        @click="emit('change', 'withdrawn', t('withdrawnRemovedFromListings'))"
      />
    </v-list>
  </v-menu>
  <template v-if="props.mayWrite">
    <template v-if="props.mayEdit && props.status === 'published'">
      <v-btn
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'published', t('changesPublic'))"
        >{{ t('publishChanges') }}</v-btn
      >
    </template>
    <v-btn
      v-else-if="props.mayEdit && props.status === 'withdrawn'"
      @click="emit('change', 'published', t('publishedAgain'))"
      >{{ t('publishAgain') }}</v-btn
    >
    <template v-else-if="props.mayEdit || props.status === 'draft'">
      <v-btn v-if="props.mayEdit && props.status === 'inReview'" variant="outlined" @click="returning = true">{{
        t('sendBack')
      }}</v-btn>
      <v-btn
        v-if="props.status === 'scheduled'"
        variant="outlined"
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'scheduled', t('saved'))"
        >{{ t('save') }}</v-btn
      >
      <v-btn :loading="props.running" @click="emit('ask')">{{ props.mayEdit ? t('publish2') : t('sendReview') }}</v-btn>
    </template>
  </template>
  <v-dialog v-model="returning" max-width="440">
    <v-card class="pa-6">
      <form @submit.prevent="passBack">
        <h2>{{ t('sendBackChanges') }}</h2>
        <p class="soft my-2">{{ t('everyoneWhoEditedPost') }}</p>
        <v-textarea v-model="note" :label="t('message')" rows="3" autofocus />
        <div class="row mt-4">
          <v-btn type="submit">{{ t('sendBackChanges') }}</v-btn><v-btn variant="text" @click="returning = false">{{
            t('cancel')
          }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
