<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { lineOf, type Schemas } from '../api'
import { PageTitle, useNotice, useSite } from '../shared'
import VersionsDialog from './VersionsDialog.vue'
import EditorActs from './editor/EditorActs.vue'
import EditorNews from './editor/EditorNews.vue'
import EditorSide from './editor/EditorSide.vue'
import MarkdownDialog from './editor/writing/MarkdownDialog.vue'
import PageDialog from './editor/PageDialog.vue'
import TemplateBar from './editor/writing/TemplateBar.vue'
import TemplateDialog from './editor/writing/TemplateDialog.vue'
import PublishDialog from './editor/PublishDialog.vue'
import TextEditor from './editor/writing/TextEditor.vue'
import { usePresence } from './editor/usePresence'
import { usePublishing } from './editor/usePublishing'
import { plainLines } from './plainLines'
import { statuses } from './status'
import { usePost } from './editor/usePost'
import { usePostCheck } from './usePostCheck'
import { t } from './texts'

const { id: siteId, site, mayEdit, mayWrite } = useSite()
const writing = usePost(() => siteId.value)
const { id, post, stored, waiting, blogs, dirty, isKept, readonly, save, act, loading, failed } = writing
const { say } = useNotice()
const check = usePostCheck(
  () => siteId.value,
  () => id.value,
  post,
)
const { others, overtaken } = usePresence(
  () => siteId.value,
  () => id.value,
  () => post.revision,
  () => mayWrite.value && !readonly.value,
)
const open = computed(() => check.findings.value.filter((finding) => finding.severity !== 'advice').length)
const looking = ref(false)
const markdown = ref(false)
const paging = ref(false)
const keeping = ref(false)
const isEmpty = computed(
  () => !post.title.trim() && !plain.value.trim() && !/<(img|div|figure|table)/.test(post.bodyHtml),
)
const chosen = ref('')
const { asking, receivers, ask, go, change } = usePublishing(() => siteId.value, writing)
const written = computed(() => blogs.value?.filter((blog) => blog.writtenHere) ?? [])
const plain = computed(() => plainLines(post.bodyHtml))
const words = computed(() => plain.value.split(/\s+/).filter(Boolean).length)
const saving = computed(() => {
  if (readonly.value) return t('postComesFromFollowed')
  if (act.running.value) return t('saving')
  if (dirty.value && post.status === 'published')
    return isKept.value ? t('savedUnpublishedChanges') : t('unpublishedChanges')
  if (dirty.value) return t('notSavedYet')
  return id.value ? t('saved') : ''
})

/** Puts a template into the empty post. */
function start(template: Schemas['PostTemplateView']): void {
  put({ title: template.title, bodyHtml: template.bodyHtml }, t('startedFromName', { name: template.name }))
  post.category ||= template.category
  if (post.tags.length === 0) post.tags = [...template.tags]
}

/** Brings another text into the editor; what stood there can be had back. */
function put(text: Partial<Pick<Schemas['PostRequest'], 'title' | 'bodyHtml' | 'excerpt'>>, words: string): void {
  const before = { title: post.title, bodyHtml: post.bodyHtml, excerpt: post.excerpt }
  Object.assign(post, text)
  say(words, () => void Object.assign(post, before))
}

onKeyStroke(['s', 'S'], (event) => {
  if ((!event.ctrlKey && !event.metaKey) || event.shiftKey) return
  event.preventDefault()
  if (!readonly.value && post.status !== 'published') void save()
})
</script>

<template>
  <PageTitle :title="post.title || (id ? t('untitled') : t('newPost'))">
    <template #state
      ><span class="tag" :class="statuses[post.status].tone">{{ statuses[post.status].name }}</span
      >{{ ' ' }}<span role="status">{{ saving }}</span></template
    >
    <template #act>
      <EditorActs
        :site-id="siteId"
        :stored="stored"
        :status="post.status"
        :dirty="dirty"
        :running="act.running.value"
        :may-edit="mayEdit"
        :may-write="mayWrite && !readonly"
        @ask="ask"
        @change="change"
      />
    </template>
  </PageTitle>
  <p v-if="failed" class="work trouble" role="alert">{{ lineOf(failed) }}</p>
  <p v-else-if="loading" class="work waiting">{{ t('openingPost') }}</p>
  <div v-else-if="!readonly && blogs && written.length === 0" class="work empty">
    <h2>{{ t('noBlogYet') }}</h2>
    <p>{{ t('startOneWrittenHere') }}</p>
    <v-btn :to="`/s/${siteId}/connect?way=write`">{{ t('startBlog') }}</v-btn>
  </div>
  <div v-else class="sheet">
    <div class="text">
      <EditorNews
        :others="others"
        :overtaken="overtaken"
        :waiting="waiting"
        :schedule="stored"
        :zone="site?.timeZone"
        :trouble="act.trouble.value"
        :fields="act.fields.value"
        @drop="writing.dropWaiting()"
      />
      <textarea
        v-model="post.title"
        class="headline"
        rows="1"
        :placeholder="t('title')"
        :aria-label="t('title')"
        maxlength="300"
        :readonly="readonly"
      />
      <p v-if="act.fields.value.title" class="m small" role="alert">{{ act.fields.value.title[0] }}</p>
      <TemplateBar v-if="isEmpty && mayWrite && !readonly" :site-id="siteId" :may-edit="mayEdit" @start="start" />
      <TextEditor
        v-model="post.bodyHtml"
        :site-id="siteId"
        :title="post.title"
        :readonly="readonly || !mayWrite"
        :problem="act.fields.value.bodyHtml?.[0]"
        @chosen="(words) => (chosen = words)"
      />
      <p class="soft small foot">
        {{ t('wordsMaxMinRead', { words, minutes: Math.max(1, Math.round(words / 220)) }) }}
        <button v-if="id && !readonly" type="button" class="link" @click="looking = true">
          {{ t('versionHistory') }}
        </button>
        <button type="button" class="link" @click="markdown = true">{{ t('editMarkdown') }}</button>
        <button v-if="mayEdit && !isEmpty" type="button" class="link" @click="keeping = true">
          {{ t('saveTemplate') }}
        </button>
        <button v-if="mayWrite" type="button" class="link" @click="paging = true">{{ t('preview') }}</button>
      </p>
    </div>
    <EditorSide
      :writing="writing"
      :check="check"
      :site-id="siteId"
      :site="site"
      :chosen="chosen"
      :may-edit="mayEdit"
      :may-write="mayWrite"
      :plain="plain"
    />
  </div>
  <VersionsDialog
    v-if="looking && id"
    v-model="looking"
    :site-id="siteId"
    :post-id="id"
    :title="post.title"
    :body-html="post.bodyHtml"
    :zone="site?.timeZone"
    :may-edit="mayWrite"
    @restore="
      (version) =>
        put(
          { title: version.title, bodyHtml: version.bodyHtml, excerpt: version.excerpt },
          t('versionRestoredEditorSave'),
        )
    "
  />
  <MarkdownDialog
    v-if="markdown"
    v-model="markdown"
    :site-id="siteId"
    :html="post.bodyHtml"
    :name="post.slug ?? ''"
    :readonly="readonly"
    @taken="(bodyHtml) => put({ bodyHtml }, t('markdownPost'))"
  />
  <PageDialog v-if="paging" v-model="paging" :site-id="siteId" :post="post" />
  <TemplateDialog
    v-if="keeping"
    v-model="keeping"
    :site-id="siteId"
    :template="{ title: '', bodyHtml: post.bodyHtml, category: post.category, tags: post.tags }"
  />
  <PublishDialog
    v-if="asking"
    v-model="asking"
    :site-id="siteId"
    :post="post"
    :receivers="receivers"
    :findings="open"
    :zone="site?.timeZone"
    :may-publish="mayEdit"
    :running="act.running.value"
    :fields="act.fields.value"
    @go="go"
  />
</template>

<style scoped>
.foot {
  display: flex;
  gap: 14px;
  flex-wrap: wrap;
}
.foot .link {
  min-height: 24px;
}
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  flex: 1;
}
.text {
  padding: 18px 24px 60px;
  max-width: 48rem;
  width: 100%;
  margin: 0 auto;
}
.headline {
  width: 100%;
  border: 0;
  background: none;
  color: inherit;
  resize: none;
  outline: none;
  font: 500 33px/1.2 var(--title);
  field-sizing: content;
  padding: 6px 0 12px;
}
@media (max-width: 860px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .text {
    padding: 12px 16px;
  }
}
</style>
