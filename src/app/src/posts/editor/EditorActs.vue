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
  say('A link that shows the post for seven days is copied; whoever has it needs no account.')
}

function passBack(): void {
  returning.value = false
  emit('change', 'draft', 'Passed back.', { reviewNote: note.value || null })
}
</script>

<template>
  <v-menu v-if="props.stored && props.mayWrite">
    <template #activator="{ props: opener }"><v-btn variant="outlined" v-bind="opener">More</v-btn></template>
    <v-list density="compact">
      <v-list-item v-if="props.status !== 'published'" title="Copy a link to a preview" @click="preview" />
      <v-list-item
        v-if="props.status === 'published'"
        title="Open the page"
        :href="props.stored.address"
        target="_blank"
        rel="noopener"
      />
      <v-list-item
        v-if="props.status === 'published'"
        title="Where it shows"
        :to="`/s/${props.siteId}/posts/${props.stored.id}/where`"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'scheduled'"
        title="Do not publish it then"
        @click="emit('change', 'draft', 'It is a draft again.')"
      />
      <v-list-item
        v-if="props.mayEdit && props.status === 'published'"
        title="Withdraw"
        base-color="secondary"
        @click="emit('change', 'withdrawn', 'Withdrawn. It is gone from listings and feeds.')"
      />
    </v-list>
  </v-menu>
  <template v-if="props.mayWrite">
    <template v-if="props.mayEdit && props.status === 'published'">
      <v-btn
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'published', 'The changes are public.')"
        >Publish the changes</v-btn
      >
    </template>
    <v-btn
      v-else-if="props.mayEdit && props.status === 'withdrawn'"
      @click="emit('change', 'published', 'Published again.')"
      >Publish again</v-btn
    >
    <template v-else-if="props.mayEdit || props.status === 'draft'">
      <v-btn v-if="props.mayEdit && props.status === 'inReview'" variant="outlined" @click="returning = true"
        >Pass it back …</v-btn
      >
      <v-btn
        v-if="props.status === 'scheduled'"
        variant="outlined"
        :disabled="!props.dirty"
        :loading="props.running"
        @click="emit('change', 'scheduled', 'Saved.')"
        >Save</v-btn
      >
      <v-btn :loading="props.running" @click="emit('ask')">{{ props.mayEdit ? 'Publish …' : 'Pass it on …' }}</v-btn>
    </template>
  </template>
  <v-dialog v-model="returning" max-width="440">
    <v-card class="pa-6">
      <form @submit.prevent="passBack">
        <h2>Pass it back</h2>
        <p class="soft my-2">
          Those who have worked on it are told by mail. Remarks at passages stand beside the text.
        </p>
        <v-textarea v-model="note" label="What is to be done?" rows="3" autofocus />
        <div class="row mt-4">
          <v-btn type="submit">Pass it back</v-btn><v-btn variant="text" @click="returning = false">Keep it</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
