<script setup lang="ts">
import { reactive } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ siteId: number; post: Schemas['PostSummary']; terms: Schemas['TermsView'] | undefined }>()
const emit = defineEmits<{ done: [changed: boolean] }>()
const act = useAct()
const local = (iso: string | null | undefined) => {
  if (!iso) return ''
  const date = new Date(iso)
  return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}
const row = reactive({
  title: props.post.title,
  slug: props.post.slug,
  date: local(props.post.publishedAt),
  category: props.post.category ?? '',
  tags: [...props.post.tags],
  author: props.post.author ?? '',
  commentsOff: props.post.commentsOff,
})

async function save(): Promise<void> {
  const dated =
    row.date && row.date !== local(props.post.publishedAt)
      ? new Date(row.date).toISOString()
      : (props.post.publishedAt ?? null)
  const body = {
    revision: props.post.revision,
    title: row.title,
    slug: row.slug,
    publishedAt: dated,
    category: row.category || null,
    tags: row.tags,
    author: row.author || null,
    commentsOff: row.commentsOff,
  }
  const saved = await act.run(() =>
    take(
      api.PUT('/api/sites/{site}/posts/{post}/row', {
        params: { path: { site: props.siteId, post: props.post.id } },
        body,
      }),
    ),
  )
  if (saved) emit('done', true)
}
</script>

<template>
  <form class="quick" @submit.prevent="save" @keydown.esc="emit('done', false)">
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <v-text-field
      v-model="row.title"
      class="two"
      :label="t('title')"
      density="compact"
      autofocus
      :error-messages="act.fields.value.title"
    />
    <v-text-field
      v-model="row.slug"
      class="two"
      :label="t('slug')"
      density="compact"
      :error-messages="act.fields.value.slug"
    />
    <v-combobox
      v-model="row.category"
      :items="props.terms?.categories ?? []"
      :label="t('category')"
      density="compact"
      :error-messages="act.fields.value.category"
    />
    <v-combobox
      v-model="row.author"
      :items="props.terms?.authors ?? []"
      :label="t('author')"
      density="compact"
      :error-messages="act.fields.value.author"
    />
    <v-combobox
      v-model="row.tags"
      class="two"
      multiple
      chips
      closable-chips
      :items="props.terms?.tags ?? []"
      :label="t('tags')"
      density="compact"
      :error-messages="act.fields.value.tags"
    />
    <v-text-field
      v-if="props.post.status === 'published'"
      v-model="row.date"
      type="datetime-local"
      :label="t('date')"
      density="compact"
      :error-messages="act.fields.value.publishedAt"
    />
    <v-checkbox
      :model-value="!row.commentsOff"
      :label="t('readersCanComment')"
      @update:model-value="(on: boolean | null) => (row.commentsOff = !on)"
    />
    <div class="row two">
      <v-btn type="submit" height="34" :loading="act.running.value">{{ t('save') }}</v-btn>
      <v-btn variant="text" height="34" @click="emit('done', false)">{{ t('cancel') }}</v-btn>
    </div>
  </form>
</template>

<style scoped>
.quick {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  padding: 10px 0 14px;
}
.two {
  grid-column: span 2;
}
.trouble {
  grid-column: 1 / -1;
}
@media (max-width: 860px) {
  .quick {
    grid-template-columns: minmax(0, 1fr);
  }
  .two {
    grid-column: auto;
  }
}
</style>
