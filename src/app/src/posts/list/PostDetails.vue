<script setup lang="ts">
import { computed, reactive, ref, toRef } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../../api'
import { localTime, SidePanel, useAct, useChangeOfPosts, useNotice, WhenText } from '../../shared'
import { statuses } from '../status'
import { t } from '../texts'

/** What is known of the post chosen in the list, to be changed where it is written here, and what can be done with it. */
const props = defineProps<{
  siteId: number
  post: Schemas['PostSummary']
  terms: Schemas['TermsView'] | undefined
  mayEdit: boolean
  zone: string | undefined
}>()
const emit = defineEmits<{ close: [] }>()
const router = useRouter()
const act = useAct()
const { say } = useNotice()
const isTold = ref(false)
const changes = useChangeOfPosts(() => props.siteId)
const post = toRef(props, 'post')
const on = () => ({ params: { path: { site: props.siteId, post: props.post.id } } })
const isOwn = computed(() => props.mayEdit && post.value.writtenHere && !post.value.deletedAt)
const inBin = computed(() => !!post.value.deletedAt)

const detailsOf = (of: Schemas['PostSummary']) => ({
  title: of.title,
  slug: of.slug,
  publishedAt: of.publishedAt,
  category: of.category,
  tags: [...of.tags],
  author: of.author,
  commentsOff: of.commentsOff,
})
/** The clock of this browser, as its field for date and time has it. */
const local = (iso: string | null) => (iso ? localTime(iso) : '')
const entered = reactive({ ...detailsOf(props.post), date: local(props.post.publishedAt) })

function asked(): ReturnType<typeof detailsOf> {
  const { date, ...details } = entered
  if (date && date !== local(post.value.publishedAt)) details.publishedAt = new Date(date).toISOString()
  return { ...details, category: details.category || null, author: details.author || null }
}
const isChanged = computed(() => JSON.stringify(asked()) !== JSON.stringify(detailsOf(post.value)))

const keep = (details: ReturnType<typeof detailsOf>, revision: number) =>
  act.run(() => take(api.PUT('/api/sites/{site}/posts/{post}/row', { ...on(), body: { ...details, revision } })))

/** Shows what the server keeps: it may have tidied what was entered. */
function show(kept: Schemas['PostSummary']): void {
  isTold.value = false
  Object.assign(entered, detailsOf(kept), { date: local(kept.publishedAt) })
  void changes.refresh()
}

async function save(): Promise<void> {
  const before = detailsOf(post.value)
  const kept = await keep(asked(), post.value.revision)
  if (!kept) return
  show(kept)
  say(t('detailsSaved', { title: kept.title }), async () => {
    const back = await keep(before, kept.revision)
    if (back) show(back)
  })
}

/** Whether the panel may give way; what is not saved is told of once before it goes. */
function mayLeave(): boolean {
  if (!isOwn.value || !isChanged.value || isTold.value) return true
  isTold.value = true
  return false
}
defineExpose({ mayLeave })

async function copy(): Promise<void> {
  const made = await act.run(() => take(api.POST('/api/sites/{site}/posts/{post}/copy', on())))
  if (made) void router.push(`/s/${props.siteId}/posts/${made.id}`)
}

async function move(kind: 'delete' | 'restore'): Promise<void> {
  const { id, title } = post.value
  const isDone = await changes.make({ kind, isOn: true, posts: [id], found: null }, () =>
    kind === 'delete' ? t('movedToBin', { title }) : t('restoredFromBin', { title }),
  )
  if (isDone) emit('close')
}
</script>

<template>
  <SidePanel :label="t('postDetails')" :width="380" @close="mayLeave() && emit('close')">
    <h2>{{ post.title }}</h2>
    <p class="soft small">
      <span class="tag" :class="statuses[post.status].tone">{{ statuses[post.status].name }}</span>
      {{ post.blogName }} · <WhenText :at="post.publishedAt ?? post.updatedAt" :zone="props.zone" />
    </p>
    <div class="row acts">
      <router-link class="link" :to="`/s/${props.siteId}/posts/${post.id}`">{{
        isOwn ? t('openInEditor') : t('read')
      }}</router-link>
      <a
        v-if="post.status === 'published' && !inBin"
        class="link"
        :href="post.address"
        target="_blank"
        rel="noopener"
        >{{ t('view') }}</a
      >
      <button v-if="isOwn" type="button" class="link" @click="copy">{{ t('duplicate') }}</button>
      <button v-else-if="props.mayEdit && inBin" type="button" class="link" @click="move('restore')">
        {{ t('restore') }}
      </button>
    </div>
    <p v-if="act.trouble.value || changes.act.trouble.value" class="trouble" role="alert">
      {{ act.trouble.value || changes.act.trouble.value }}
    </p>
    <p v-if="isTold && isChanged" class="trouble" role="alert">{{ t('detailsNotSaved') }}</p>
    <form v-if="isOwn" class="details" @submit.prevent="save">
      <v-text-field
        v-model="entered.title"
        :label="t('title')"
        density="compact"
        :error-messages="act.fields.value.title"
      />
      <v-text-field
        v-model="entered.slug"
        :label="t('slug')"
        density="compact"
        :error-messages="act.fields.value.slug"
      />
      <v-text-field
        v-if="post.status === 'published'"
        v-model="entered.date"
        type="datetime-local"
        :label="t('date')"
        density="compact"
        :error-messages="act.fields.value.publishedAt"
      />
      <v-combobox
        v-model="entered.category"
        :items="props.terms?.categories ?? []"
        :label="t('category')"
        density="compact"
        :error-messages="act.fields.value.category"
      />
      <v-combobox
        v-model="entered.tags"
        multiple
        chips
        closable-chips
        :items="props.terms?.tags ?? []"
        :label="t('tags')"
        density="compact"
        :error-messages="act.fields.value.tags"
      />
      <v-combobox
        v-model="entered.author"
        :items="props.terms?.authors ?? []"
        :label="t('author')"
        density="compact"
        :error-messages="act.fields.value.author"
      />
      <v-switch
        :model-value="!entered.commentsOff"
        :label="t('readersCanComment')"
        @update:model-value="(isOpen: boolean | null) => (entered.commentsOff = !isOpen)"
      />
      <div class="row foot">
        <v-btn type="submit" :disabled="!isChanged" :loading="act.running.value">{{ t('save') }}</v-btn>
        <v-btn variant="text" @click="move('delete')">{{ t('moveBin') }}</v-btn>
      </div>
    </form>
    <template v-else>
      <dl>
        <template v-if="post.author"
          ><dt>{{ t('author') }}</dt>
          <dd>{{ post.author }}</dd></template
        >
        <template v-if="post.category"
          ><dt>{{ t('category') }}</dt>
          <dd>{{ post.category }}</dd></template
        >
        <template v-if="post.tags.length"
          ><dt>{{ t('tags') }}</dt>
          <dd>{{ post.tags.join(', ') }}</dd></template
        >
        <dt>{{ t('lastEdited') }}</dt>
        <dd><WhenText :at="post.updatedAt" :zone="props.zone" /></dd>
      </dl>
      <p v-if="!post.writtenHere" class="small soft">{{ t('followedDetailsComeFromFeed') }}</p>
    </template>
  </SidePanel>
</template>

<style scoped>
.acts {
  gap: 4px 18px;
  margin: 10px 0 18px;
}
.acts .link {
  min-height: 24px;
  display: inline-flex;
  align-items: center;
}
.details {
  display: grid;
  gap: 12px;
}
.foot {
  justify-content: space-between;
  margin-top: 6px;
}
</style>
