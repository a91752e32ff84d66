<script setup lang="ts">
import { useInfiniteQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { lineOf } from '../api/problem'
import PageTitle from '../shared/PageTitle.vue'
import WhenText from '../shared/WhenText.vue'
import { counted } from '../shared/counted'
import { useQueryValue } from '../shared/useQueryValue'
import { useSite } from '../sites/useSite'
import { statuses } from './status'

const { id, site, mayEdit } = useSite()
const status = useQueryValue('status')
const search = useQueryValue('search')
const asked = refDebounced(search, 200)
const { data, error, isPending, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
  queryKey: ['posts', id, status, asked],
  queryFn: ({ pageParam }) =>
    take(
      api.GET('/api/sites/{site}/posts', {
        params: {
          path: { site: id.value },
          query: { status: (status.value || undefined) as Schemas['PostStatus'] | undefined, search: asked.value || undefined, after: pageParam || undefined },
        },
      }),
    ),
  initialPageParam: '',
  getNextPageParam: (page) => page.next ?? undefined,
})
const posts = computed(() => data.value?.pages.flatMap((page) => page.posts) ?? [])
const total = computed(() => data.value?.pages[0]?.total ?? 0)
</script>

<template>
  <PageTitle title="Posts">
    <template #state>{{ counted(total, 'post') }}{{ status || search ? ' found' : '' }}.</template>
    <template #act><v-btn v-if="mayEdit" :to="`/s/${id}/posts/new`">Write a post</v-btn></template>
  </PageTitle>
  <div class="work">
    <div class="row tools">
      <div class="pills">
        <button class="pill" :class="{ on: !status }" @click="status = ''">All</button>
        <button v-for="(one, name) in statuses" :key="name" class="pill" :class="{ on: status === name }" @click="status = name">{{ one.name }}</button>
      </div>
      <v-text-field v-model="search" class="search" density="compact" label="Words in the title" clearable @click:clear="search = ''" />
    </div>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">Reading the posts …</p>
    <div v-else-if="posts.length === 0" class="empty">
      <h2>{{ status || search ? 'No post is like that' : 'No posts yet' }}</h2>
      <p>{{ status || search ? 'Try other words or another status.' : 'Write the first one, or connect a blog whose posts are read from its feed.' }}</p>
    </div>
    <table v-else class="ruled">
      <thead>
        <tr>
          <th>Title</th>
          <th>Status</th>
          <th class="wide">Blog</th>
          <th class="wide">Author</th>
          <th>Date</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="post in posts" :key="post.id">
          <td>
            <router-link class="t" :to="`/s/${id}/posts/${post.id}`">{{ post.title }}</router-link>
          </td>
          <td>
            <span class="tag" :class="statuses[post.status].tone">{{ statuses[post.status].name }}</span>
          </td>
          <td class="wide soft">{{ post.blogName }}{{ post.writtenHere ? '' : ' (followed)' }}</td>
          <td class="wide soft">{{ post.author }}</td>
          <td class="soft when"><WhenText :at="post.publishedAt ?? post.updatedAt" :zone="site?.timeZone" /></td>
          <td><a v-if="post.status === 'published'" class="link small" :href="post.address" target="_blank" rel="noopener">Open</a></td>
        </tr>
      </tbody>
    </table>
    <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" :loading="isFetchingNextPage" @click="fetchNextPage()">More posts</v-btn>
  </div>
</template>

<style scoped>
.tools {
  justify-content: space-between;
  margin-bottom: 12px;
}
.search {
  max-width: 260px;
  min-width: 200px;
}
.when {
  white-space: nowrap;
}
@media (max-width: 860px) {
  .wide {
    display: none;
  }
  .search {
    max-width: none;
    width: 100%;
  }
}
</style>
