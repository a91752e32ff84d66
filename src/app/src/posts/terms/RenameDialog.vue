<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct, useNotice } from '../../shared'
import { t } from '../texts'

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
  say(t('postsChanged', { posts: result.posts }))
  emit('done')
  emit('close')
}
</script>

<template>
  <v-dialog :model-value="true" max-width="460" @update:model-value="emit('close')">
    <v-card class="pa-6">
      <form @submit.prevent="rename">
        <h2>{{ t('renameName', { name: props.name }) }}</h2>
        <v-combobox
          v-model="to"
          class="mt-3"
          :label="t('newNameLeaveEmpty')"
          :items="all.map((one) => one.name)"
          autofocus
          :error-messages="act.fields.value.to"
        />
        <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
        <p class="my-3">
          {{ t('thisChanges', { posts }) }}
          <template v-if="other">{{ t('nameAlreadyUsedBy', { name: other.name, posts: other.posts }) }}</template>
        </p>
        <div class="row">
          <v-btn type="submit" :disabled="to?.trim() === props.name" :loading="act.running.value">{{
            !to?.trim() ? t('removeFromPosts') : other ? t('merge') : t('rename')
          }}</v-btn><v-btn variant="text" @click="emit('close')">{{ t('leaveIt') }}</v-btn>
        </div>
      </form>
    </v-card>
  </v-dialog>
</template>
