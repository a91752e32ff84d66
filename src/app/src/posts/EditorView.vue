<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { lineOf } from '../api/problem'
import PageTitle from '../shared/PageTitle.vue'
import { counted } from '../shared/counted'
import { useNotice } from '../shared/useNotice'
import { useSite } from '../sites/useSite'
import FocusPoint from './FocusPoint.vue'
import PostFindings from './PostFindings.vue'
import PostPreview from './PostPreview.vue'
import TextEditor from './TextEditor.vue'
import VersionsDialog from './VersionsDialog.vue'
import { statuses } from './status'
import { usePost } from './usePost'
import { usePostCheck } from './usePostCheck'
import { useTerms } from './useTerms'

const { id: siteId, site, mayEdit } = useSite()
const { id, post, stored, blogs, dirty, readonly, save, act, loading, failed } = usePost(() => siteId.value)
const { say } = useNotice()
const { data: terms } = useTerms(() => siteId.value)
const check = usePostCheck(
  () => siteId.value,
  () => id.value,
  post,
)
const open = computed(() => check.findings.value.filter((one) => one.severity !== 'advice').length)
const asking = ref(false)
const looking = ref(false)
const receivers = ref(0)
const written = computed(() => blogs.value?.filter((blog) => blog.writtenHere) ?? [])
const words = computed(
  () =>
    post.bodyHtml
      .replace(/<[^>]+>/g, ' ')
      .split(/\s+/)
      .filter(Boolean).length,
)
const saving = computed(() => {
  if (readonly.value) return 'Followed from its own feed; change it where it was written.'
  if (act.running.value) return 'Saving …'
  if (dirty.value) return post.status === 'draft' ? 'Not saved yet.' : 'Changes are not public yet.'
  return id.value ? 'Saved.' : ''
})

async function ask(): Promise<void> {
  if (!(await save())) return
  receivers.value = (await take(api.GET('/api/sites/{site}/posts/{post}/forecast', { params: { path: { site: siteId.value, post: id.value! } } }))).subscribers
  asking.value = true
}

async function publish(): Promise<void> {
  asking.value = false
  if (await save('published')) say(receivers.value ? `Published. ${counted(receivers.value, 'mail')} on their way.` : 'Published.')
}

async function change(status: 'published' | 'withdrawn' | 'draft', done: string): Promise<void> {
  if (await save(status)) say(done)
}

/** Brings an earlier version into the editor; what stood there can be had back. */
function restore(version: Schemas['PostVersionView']): void {
  const before = { title: post.title, bodyHtml: post.bodyHtml, excerpt: post.excerpt }
  Object.assign(post, { title: version.title, bodyHtml: version.bodyHtml, excerpt: version.excerpt })
  say('The earlier text is in the editor.', () => void Object.assign(post, before))
}

onKeyStroke('s', (event) => {
  if (!event.ctrlKey && !event.metaKey) return
  event.preventDefault()
  if (!readonly.value) void save()
})
</script>

<template>
  <PageTitle :title="post.title || (id ? 'Untitled' : 'A new post')">
    <template #state
      ><span class="tag" :class="statuses[post.status].tone">{{ statuses[post.status].name }}</span> <span role="status">{{ saving }}</span></template
    >
    <template #act>
      <v-btn v-if="stored?.status === 'published'" variant="outlined" :href="stored.address" target="_blank" rel="noopener">Open the page</v-btn>
      <template v-if="mayEdit && !readonly">
        <v-btn
          v-if="post.status === 'published'"
          variant="outlined"
          color="secondary"
          @click="change('withdrawn', 'Withdrawn. It is gone from listings and feeds.')"
          >Withdraw</v-btn
        >
        <v-btn v-if="post.status === 'published'" :disabled="!dirty" :loading="act.running.value" @click="change('published', 'The changes are public.')"
          >Publish the changes</v-btn
        >
        <v-btn v-else-if="post.status === 'withdrawn'" @click="change('published', 'Published again.')">Publish again</v-btn>
        <v-btn v-else :loading="act.running.value" @click="ask">Publish …</v-btn>
      </template>
    </template>
  </PageTitle>
  <p v-if="failed" class="work trouble" role="alert">{{ lineOf(failed) }}</p>
  <p v-else-if="loading" class="work waiting">Opening the post …</p>
  <div v-else-if="!readonly && blogs && written.length === 0" class="work empty">
    <h2>There is no blog to write in</h2>
    <p>Start one that is written here; it gets a page and a feed of its own.</p>
    <v-btn :to="`/s/${siteId}/connect?way=write`">Start a blog</v-btn>
  </div>
  <div v-else class="sheet">
    <div class="text">
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <textarea v-model="post.title" class="headline" rows="1" placeholder="Title" aria-label="Title" maxlength="300" :readonly="readonly" />
      <p v-if="act.fields.value.title" class="m small" role="alert">{{ act.fields.value.title[0] }}</p>
      <TextEditor v-model="post.bodyHtml" :readonly="readonly" :problem="act.fields.value.bodyHtml?.[0]" :key="stored?.id ?? 'new'" />
      <p class="soft small">
        {{ counted(words, 'word') }}, {{ Math.max(1, Math.round(words / 220)) }} min to read
        <button v-if="id && !readonly" type="button" class="link versions" @click="looking = true">What it was</button>
      </p>
    </div>
    <aside>
      <h2 class="group">Details</h2>
      <div class="details">
        <v-select
          v-if="!readonly && written.length > 1"
          v-model="post.blogId"
          :items="written"
          item-title="name"
          item-value="id"
          label="Blog"
          :error-messages="act.fields.value.blogId"
        />
        <v-text-field v-model="post.category" label="Category" :readonly="readonly" :error-messages="act.fields.value.category" />
        <v-combobox
          v-model="post.tags"
          label="Tags"
          multiple
          chips
          closable-chips
          hide-selected
          :items="terms?.tags ?? []"
          :readonly="readonly"
          :error-messages="act.fields.value.tags"
        />
        <v-checkbox v-model="post.isFeatured" label="Featured" :readonly="readonly" />
        <v-textarea
          v-model="post.excerpt"
          label="Excerpt"
          hint="Empty: the start of the text is used."
          rows="2"
          :readonly="readonly"
          :error-messages="act.fields.value.excerpt"
        />
        <v-text-field v-model="post.author" label="Author" placeholder="You" :readonly="readonly" />
        <v-text-field v-model="post.pictureAddress" label="Address of a picture" :readonly="readonly" :error-messages="act.fields.value.pictureAddress" />
        <v-text-field v-if="post.pictureAddress" v-model="post.pictureAlt" label="What does the picture show?" :readonly="readonly" />
        <FocusPoint v-if="post.pictureAddress" v-model:x="post.focusX" v-model:y="post.focusY" :picture="post.pictureAddress" :readonly="readonly" />
        <v-text-field
          v-model="post.aboutAddress"
          label="About something published elsewhere: its address"
          :readonly="readonly"
          :error-messages="act.fields.value.aboutAddress"
        />
        <v-text-field
          v-model="post.slug"
          label="Last part of its address"
          placeholder="from the title"
          :readonly="readonly"
          :error-messages="act.fields.value.slug"
        />
      </div>
      <PostFindings
        v-if="mayEdit && !readonly"
        :findings="check.findings.value"
        :links="check.links.value"
        :is-checking="check.isChecking.value"
        :trouble="check.trouble.value"
        @links="check.checkLinks"
      />
      <PostPreview :post="post" :site="site" />
    </aside>
  </div>
  <VersionsDialog
    v-if="looking && id"
    v-model="looking"
    :site-id="siteId"
    :post-id="id"
    :title="post.title"
    :body-html="post.bodyHtml"
    :zone="site?.timeZone"
    :may-edit="mayEdit"
    @restore="restore"
  />
  <v-dialog v-model="asking" max-width="440">
    <v-card class="pa-6">
      <h2>Publish “{{ post.title }}”?</h2>
      <p class="my-3">
        It gets its page, joins the feed and every listing that chooses it.
        {{ receivers ? `${counted(receivers, 'subscriber')} will get a mail.` : 'Nobody gets a mail: there are no subscribers, or they had one already.' }}
      </p>
      <p v-if="open" class="o mb-3">{{ counted(open, 'finding is', 'findings are') }} worth a look first; they stand under “Before publishing”.</p>
      <div class="row">
        <v-btn @click="publish">{{ receivers ? `Publish and send ${counted(receivers, 'mail')}` : 'Publish' }}</v-btn><v-btn
          variant="text"
          @click="asking = false"
          >Not yet</v-btn
        >
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.versions {
  margin-left: 14px;
}
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 350px;
  flex: 1;
}
.text {
  padding: 18px 24px 60px;
  max-width: 46rem;
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
aside {
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  padding: 8px 22px 40px;
}
.details {
  display: grid;
  gap: 12px;
  padding: 14px 0 10px;
}
@media (max-width: 860px) {
  .sheet {
    grid-template-columns: minmax(0, 1fr);
  }
  .text {
    padding: 12px 16px;
  }
  aside {
    border-left: 0;
    border-top: 1px solid var(--rule);
    padding: 8px 16px 100px;
  }
}
</style>
