<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { OneOf, PageTitle, useAct, useNotice, useQueryValue, useRefresh, useSite } from '../shared'
import BlogList from './BlogList.vue'
import CandidateCard from './CandidateCard.vue'
import RemovedBlogs from './RemovedBlogs.vue'
import { t } from './texts'

const { id } = useSite()
const way = useQueryValue('way')
const address = ref('')
const example = 'https://blog.example/'
const found = ref<Schemas['DiscoverView'] | null>(null)
const connected = ref<Schemas['BlogView'] | null>(null)
const chosen = ref('')
const blog = ref({ name: '', description: '' })
const act = useAct()
const { say } = useNotice()
const router = useRouter()
const path = () => ({ site: id.value })
const reload = useRefresh('blogs', 'coverage', 'posts', 'feeds')

const whole = computed(() => (address.value.includes('://') ? address.value : `https://${address.value}`))

async function look(): Promise<void> {
  found.value = null
  connected.value = null
  found.value =
    (await act.run(() =>
      take(
        api.POST('/api/sites/{site}/blogs/discover', { params: { path: path() }, body: { address: address.value } }),
      ),
    )) ?? null
}

async function follow(candidate: Schemas['CandidateView']): Promise<void> {
  chosen.value = candidate.address
  connected.value =
    (await act.run(() =>
      take(
        api.POST('/api/sites/{site}/blogs/follow', {
          params: { path: path() },
          body: { feedAddress: candidate.address, name: null },
        }),
      ),
    )) ?? null
  if (connected.value) found.value = null
  await reload()
}

async function start(): Promise<void> {
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/blogs', { params: { path: path() }, body: blog.value })),
  )
  if (!made) return
  await reload()
  say(t('nameReadyWritten', { name: made.name }))
  await router.push(`/s/${id.value}/posts/new`)
}

async function list(): Promise<void> {
  const name = connected.value!.name
  const definition: Schemas['ListingDefinition'] = {
    blogs: [connected.value!.id],
    count: 5,
    order: 'newest',
    layout: 'lines',
    heading: name,
    details: { picture: true, excerpt: false, date: true, author: false, category: false },
  }
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/listings', {
        params: { path: path() },
        body: { name, definition, pageAddress: null },
      }),
    ),
  )
  if (made) await router.push(`/s/${id.value}/listings/${made.id}`)
}
</script>

<template>
  <PageTitle :title="t('connectBlog')"
    ><template #state>{{ t('followExistingBlogStart') }}</template></PageTitle
  >
  <div class="work">
    <OneOf
      v-model="way"
      class="mb-4"
      :label="t('connectBlog')"
      :choices="[
        ['', t('iHaveBlog')],
        ['write', t('startNewBlog')],
      ]"
    />
    <template v-if="way !== 'write'">
      <form class="look" novalidate @submit.prevent="look">
        <v-text-field
          v-model="address"
          :label="t('blogPostFeedAddress')"
          :placeholder="example"
          name="address"
          autofocus
          :error-messages="act.fields.value.address"
        />
        <v-btn type="submit" height="48" :loading="act.running.value && !found">{{ t('findFeed') }}</v-btn>
      </form>
      <p v-if="!found && !connected && !act.running.value" class="soft how">{{ t('howConnectingGoes') }}</p>
      <p v-if="act.running.value && !found && !connected" class="waiting" role="status">
        {{ t('lookingFeedsAddress') }}
      </p>
      <p v-if="act.trouble.value || act.fields.value.feedAddress" class="trouble" role="alert">
        {{ act.trouble.value || act.fields.value.feedAddress?.[0] }}
      </p>
      <section v-if="act.code.value === 'no-feed'" class="hint done">
        <p>{{ t('withoutFeedEither') }}</p>
        <div class="row mt-3">
          <v-btn variant="outlined" :to="{ path: `/s/${id}/posts/bring-in`, query: { address: whole } }">{{
            t('importPostsOfPage')
          }}</v-btn><v-btn variant="outlined" @click="way = 'write'">{{ t('writeItHere') }}</v-btn>
        </div>
      </section>
      <section v-if="found" :aria-label="t('feedsFound')">
        <h2 class="group">
          {{
            found.candidates.length === 1
              ? t('oneFeedFound')
              : t('candidatesFeedsFoundBest', { candidates: found.candidates.length })
          }}
        </h2>
        <CandidateCard
          v-for="one in found.candidates"
          :key="one.address"
          :candidate="one"
          :busy="act.running.value && chosen === one.address"
          @choose="follow(one)"
        />
      </section>
      <section v-if="connected" class="hint done">
        <h2>{{ t('nameConnected', { name: connected.name }) }}</h2>
        <p>{{ t('postsImportedNewPosts', { posts: connected.posts }) }}</p>
        <div class="row mt-3">
          <v-btn :loading="act.running.value" @click="list">{{ t('createListing') }}</v-btn><v-btn
            variant="outlined"
            :to="`/s/${id}`"
            >{{ t('goCoverage') }}</v-btn
          >
        </div>
      </section>
    </template>
    <form v-else class="form" novalidate @submit.prevent="start">
      <v-text-field
        v-model="blog.name"
        :label="t('nameBlog')"
        name="blog"
        autofocus
        :error-messages="act.fields.value.name"
      />
      <v-textarea
        v-model="blog.description"
        :label="t('description')"
        rows="2"
        :error-messages="act.fields.value.description"
      />
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <div>
        <v-btn type="submit" :loading="act.running.value">{{ t('createBlog') }}</v-btn>
      </div>
    </form>
    <BlogList />
    <RemovedBlogs />
  </div>
</template>

<style scoped>
.look {
  display: flex;
  gap: 12px;
  align-items: flex-start;
  max-width: 46rem;
}
.how {
  max-width: 46rem;
  margin: 10px 0 0;
}
.done {
  max-width: 46rem;
  padding: 16px 20px;
}
.done h2 {
  font-size: 21px;
}
section {
  max-width: 60rem;
}
@media (max-width: 600px) {
  .look {
    flex-direction: column;
    align-items: stretch;
  }
}
</style>
