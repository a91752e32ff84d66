<script setup lang="ts">
import { ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'

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
  say('Preview link copied. Anyone with it can see the post for seven days.')
}

function passBack(): void {
  returning.value = false
  emit('change', 'draft', 'Sent back.', { reviewNote: note.value || null })
}
</script>

<template>
  <v-menu v-if="props.stored && props.mayWrite">
    <template #activator="{ props: opener }"><v-btn variant="outlined" v-bind="opener">More</v-btn></template>
    <v-list density="compact">
      <v-list-item v-if="props.status !== 'published'" title="Copy preview link" @click="preview" />
      <v-list-item
        v-if="props.status === 'published'"
        title="View post"
        :href="props.stored.address"
        target="_blank"
        rel="noopener"
      />
      <v-list-item
        v-if="props.status === 'published'"
        title="Destinations"
        :to="`/s/${props.siteId}/posts/${props.stored.id}/where`"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'scheduled'"
        title="Unschedule"
        @click="emit('change', 'draft', 'It is a draft again.')"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'published'"
        title="Withdraw"
        base-color="secondary"
        @click="emit('change', 'withdrawn', 'Withdrawn. Removed from listings and feeds.')"
      />
    </v-list>
  </v-menu>
  <template v-if="props.mayWrite">
    <template v-if="props.mayEdit && props.status === 'published'">
      <v-btn
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'published', 'The changes are public.')"
        >Publish changes</v-btn
      >
    </template>
    <v-btn
      v-else-if="props.mayEdit && props.status === 'withdrawn'"
      @click="emit('change', 'published', 'Published again.')"
      >Publish again</v-btn
    >
    <template v-else-if="props.mayEdit || props.status === 'draft'">
      <v-btn v-if="props.mayEdit && props.status === 'inReview'" variant="outlined" @click="returning = true"
        >Send back …</v-btn
      >
      <v-btn
        v-if="props.status === 'scheduled'"
        variant="outlined"
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'scheduled', 'Saved.')"
        >Save</v-btn
      >
      <v-btn :loading="props.running" @click="emit('ask')">{{
        props.mayEdit ? 'Publish …' : 'Send for review …'
      }}</v-btn>
    </template>
  </template>
  <v-dialog v-model="returning" max-width="440">
    <v-card class="pa-6">
      <form @submit.prevent="passBack">
        <h2>Send back for changes</h2>
        <p class="soft my-2">Everyone who edited the post gets an email. Comments stay beside the text.</p>
        <v-textarea v-model="note" label="Message" rows="3" autofocus />
        <div class="row mt-4">
          <v-btn type="submit">Send back for changes</v-btn
          ><v-btn variant="text" @click="returning = false">Cancel</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
