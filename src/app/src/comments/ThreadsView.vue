<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { lineOf } from '../api/problem'
import CopyButton from '../shared/CopyButton.vue'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useAct } from '../shared/useAct'
import { useSite } from '../sites/useSite'
import CommentTabs from './CommentTabs.vue'

const { id, site } = useSite()
const { data: threads, error } = useQuery({
  queryKey: ['threads', id],
  queryFn: () => take(api.GET('/api/sites/{site}/threads', { params: { path: { site: id.value } } })),
})
const place = reactive({ identifier: '', address: '', title: '' })
const snippet = ref<Schemas['ThreadSnippetView'] | null>(null)
const { running, fields, trouble, run } = useAct()

async function make(): Promise<void> {
  snippet.value = (await run(() => take(api.POST('/api/sites/{site}/threads/snippet', { params: { path: { site: id.value } }, body: { ...place } })))) ?? null
}
</script>

<template>
  <PageTitle title="Conversations">
    <template #state>{{ counted(threads?.length ?? 0, 'thread') }}.</template>
  </PageTitle>
  <CommentTabs />
  <div class="work columns">
    <section>
      <h2 class="group">Place a thread on a page</h2>
      <p class="soft small about">Posts written here have theirs already. Any other page can have one too, such as a product or a programme.</p>
      <form class="form" novalidate @submit.prevent="make">
        <v-text-field
          v-model="place.identifier"
          label="Identifier that never changes"
          placeholder="visit-page"
          name="identifier"
          :error-messages="fields.identifier"
          hint="The conversation stays with it, whatever happens to the address."
          persistent-hint
        />
        <v-text-field v-model="place.address" label="Address of the page" :placeholder="site?.address" name="address" :error-messages="fields.address" />
        <v-text-field v-model="place.title" label="Title, for moderators" name="title" :error-messages="fields.title" />
        <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
        <div><v-btn type="submit" :loading="running">Make the snippet</v-btn></div>
      </form>
      <div v-if="snippet" class="made">
        <p class="small">Paste this where the conversation should stand, save and publish the page.</p>
        <pre class="snippet">{{ snippet.snippet }}</pre>
        <CopyButton big :text="snippet.snippet" label="Copy the snippet" />
        <p class="small mt-4">And this where the number of comments should stand, in a list or on any other page. It leads to the conversation.</p>
        <pre class="snippet">{{ snippet.count }}</pre>
        <CopyButton :text="snippet.count" label="Copy the number’s snippet" />
      </div>
    </section>
    <section>
      <h2 class="group">Threads</h2>
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="threads?.length === 0" class="waiting">No conversation yet. The first comment opens one.</p>
      <table v-else class="ruled">
        <thead>
          <tr>
            <th>About</th>
            <th class="num">Public</th>
            <th class="num">Waiting</th>
            <th>Last</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="thread in threads" :key="thread.id">
            <td>
              <a class="t" :href="thread.address ?? undefined" target="_blank" rel="noopener">{{ thread.title }}</a><br /><span class="address">{{
                thread.identifier
              }}</span>
            </td>
            <td class="num">{{ thread.public }}</td>
            <td class="num" :class="{ m: thread.waiting }">{{ thread.waiting || '' }}</td>
            <td class="soft"><WhenText :at="thread.lastAt" :zone="site?.timeZone" /></td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 26rem) minmax(0, 1fr);
  gap: 10px 48px;
}
.about {
  margin: 10px 0 18px;
}
.made {
  display: grid;
  gap: 10px;
  margin-top: 18px;
  justify-items: start;
}
.made pre {
  width: 100%;
}
@media (max-width: 860px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
