<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { counted, useAct, useNotice } from '../../shared'

const props = defineProps<{ siteId: number; kind: Schemas['TermKind']; name: string; terms: Schemas['TermsPage'] }>()
const emit = defineEmits<{ done: []; close: [] }>()
const to = ref(props.name)
const act = useAct()
const { say } = useNotice()
const all = computed<{ name: string; posts: number }[]>(
  () => ({ category: props.terms.categories, tag: props.terms.tags, author: props.terms.authors })[props.kind],
)
const posts = computed(() => all.value.find((one) => one.name === props.name)?.posts ?? 0)
const other = computed(() =>
  all.value.find(
    (one) =>
      one.name.toLowerCase() === to.value?.trim().toLowerCase() && one.name.toLowerCase() !== props.name.toLowerCase(),
  ),
)

async function rename(): Promise<void> {
  const body = { kind: props.kind, name: props.name, to: to.value?.trim() ?? '' }
  const result = await act.run(() =>
    take(api.POST('/api/sites/{site}/terms/rename', { params: { path: { site: props.siteId } }, body })),
  )
  if (!result) return
  say(`${counted(result.posts, 'post')} changed.`)
  emit('done')
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form @submit.prevent="rename">
        <h2>Rename “{{ props.name }}”</h2>
        <v-combobox
          v-model="to"
          class="mt-3"
          label="New name (leave empty to remove)"
          :items="all.map((one) => one.name)"
          autofocus
          :error-messages="act.fields.value.to"
        />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <p class="my-3">
          This changes {{ counted(posts, 'post') }}.
          <template v-if="other"
            >“{{ other.name }}” is already used by {{ counted(other.posts, 'post') }}. They will be merged. This cannot
            be undone.</template
          >
        </p>
        <div class="row">
          <v-btn type="submit" :disabled="to?.trim() === props.name" :loading="act.running.value">{{
            !to?.trim() ? 'Remove from posts' : other ? 'Merge' : 'Rename'
          }}</v-btn><v-btn variant="text" @click="emit('close')">Leave it</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
