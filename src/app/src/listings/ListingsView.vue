<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { api, take } from '../api/client'
import { lineOf } from '../api/problem'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useAct } from '../shared/useAct'
import { useSite } from '../sites/useSite'

const { id, mayEdit } = useSite()
const router = useRouter()
const queries = useQueryClient()
const path = () => ({ site: id.value })
const {
  data: listings,
  error,
  isPending,
} = useQuery({ queryKey: ['listings', id], queryFn: () => take(api.GET('/api/sites/{site}/listings', { params: { path: path() } })) })
const { data: blogs } = useQuery({ queryKey: ['blogs', id], queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: path() } })) })
const act = useAct()
const states = { seen: { name: 'In place', tone: 'v' }, lost: { name: 'Lost', tone: 'm' }, never: { name: 'Not seen yet', tone: 'o' } }
const inPlace = computed(() => listings.value?.filter((one) => one.state === 'seen').length ?? 0)

async function build(): Promise<void> {
  const blog = blogs.value![0]!
  const made = await act.run(() =>
    take(
      api.POST('/api/sites/{site}/listings', {
        params: { path: path() },
        body: {
          name: `Latest from ${blog.name}`,
          pageAddress: null,
          definition: {
            blogs: [blog.id],
            count: 5,
            order: 'newest',
            layout: 'lines',
            heading: `Latest from ${blog.name}`,
            details: { picture: true, excerpt: false, date: true, author: false, category: false },
          },
        },
      }),
    ),
  )
  if (!made) return
  await queries.invalidateQueries({ queryKey: ['listings'] })
  await router.push(`/s/${id.value}/listings/${made.id}`)
}
</script>

<template>
  <PageTitle title="Listings">
    <template #state>{{ counted(listings?.length ?? 0, 'listing') }}, {{ inPlace }} in place.</template>
    <template #act><v-btn v-if="mayEdit && blogs?.length" :loading="act.running.value" @click="build">Build a listing</v-btn></template>
  </PageTitle>
  <div class="work">
    <p v-if="error || act.trouble.value" class="trouble" role="alert">{{ act.trouble.value || lineOf(error) }}</p>
    <p v-if="isPending" class="waiting">Reading the listings …</p>
    <div v-else-if="listings?.length === 0" class="empty">
      <h2>No listing yet</h2>
      <p>A listing shows posts of your blogs on a page of your site, in its own look. {{ blogs?.length ? '' : 'Connect a blog first.' }}</p>
      <v-btn v-if="blogs?.length === 0" :to="`/s/${id}/connect`">Connect a blog</v-btn>
    </div>
    <table v-else class="ruled">
      <thead>
        <tr>
          <th>Listing</th>
          <th>State</th>
          <th>Where</th>
          <th class="wide">Last seen</th>
          <th class="wide">Shows</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="one in listings" :key="one.id">
          <td>
            <router-link class="t" :to="`/s/${id}/listings/${one.id}`">{{ one.name }}</router-link>
          </td>
          <td>
            <span class="tag" :class="states[one.state].tone">{{ states[one.state].name }}</span>
          </td>
          <td>
            <a
              v-for="page in one.pages.length ? one.pages : [one.pageAddress].filter(Boolean)"
              :key="page!"
              class="address"
              :href="page!"
              target="_blank"
              rel="noopener"
              >{{ page }}</a
            >
          </td>
          <td class="wide soft"><WhenText :at="one.seenAt" /></td>
          <td class="wide soft">{{ counted(one.count, 'post') }}, {{ one.layout }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
@media (max-width: 860px) {
  .wide {
    display: none;
  }
}
</style>
