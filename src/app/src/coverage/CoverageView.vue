<script setup lang="ts">
import { useInfiniteQuery, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api/client'
import { lineOf } from '../api/problem'
import NoticeList from '../notices/NoticeList.vue'
import PageTitle from '../shared/PageTitle.vue'
import { counted } from '../shared/counted'
import { useQueryValue } from '../shared/useQueryValue'
import { useSite } from '../sites/useSite'
import BoardTable from './BoardTable.vue'
import NoteMark from './NoteMark.vue'
import ReasonPanel from './ReasonPanel.vue'
import { marks } from './marks'

const { id, mayEdit } = useSite()
const filter = useQueryValue('show')
const cell = useQueryValue('cell')
const { data: blogs } = useQuery({ queryKey: ['blogs', id], queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })) })
const blog = computed(() => (filter.value.startsWith('blog-') ? Number(filter.value.slice(5)) : undefined))
const { data, error, isPending, hasNextPage, fetchNextPage, isFetchingNextPage } = useInfiniteQuery({
  queryKey: ['coverage', id, blog],
  queryFn: ({ pageParam }) =>
    take(api.GET('/api/sites/{site}/coverage', { params: { path: { site: id.value }, query: { blog: blog.value, after: pageParam || undefined } } })),
  initialPageParam: '',
  getNextPageParam: (page) => page.next ?? undefined,
  refetchInterval: 15_000,
})

const board = computed(() => data.value?.pages[0])
const rows = computed(() => data.value?.pages.flatMap((page) => page.posts) ?? [])
const off = computed(() => rows.value.filter((row) => row.cells.some((one) => one.mark === 'failed' || one.mark === 'outOfDate')))
const due = computed(() => rows.value.filter((row) => row.cells.some((one) => one.mark === 'due' && one.reason !== 'noCommentsYet')))
const shown = computed(() => (filter.value === 'off' ? off.value : filter.value === 'due' ? due.value : rows.value))
const state = computed(() => {
  if (!board.value) return ''
  const start = `${counted(board.value.totalPosts, 'post')} in ${counted(board.value.places.length, 'place')}.`
  if (off.value.length) return `${start} Something is off with ${counted(off.value.length, 'post')}.`
  return due.value.length ? `${start} ${counted(due.value.length, 'post')} due somewhere.` : `${start} Everything is where it should be.`
})
const picked = computed(() => {
  const [post, place] = cell.value.split('.')
  const row = rows.value.find((one) => String(one.postId) === post)
  const index = board.value?.places.findIndex((one) => one.key === place) ?? -1
  return row && index >= 0 ? { row, place: board.value!.places[index]!, cell: row.cells[index]! } : null
})
const pills = computed(() => [
  { value: '', name: 'Everything' },
  ...(off.value.length ? [{ value: 'off', name: `Something is off · ${off.value.length}` }] : []),
  ...(due.value.length ? [{ value: 'due', name: `Due · ${due.value.length}` }] : []),
  ...(blogs.value ?? []).map((one) => ({ value: `blog-${one.id}`, name: one.name })),
])
</script>

<template>
  <PageTitle title="Coverage">
    <template #state>{{ state }}</template>
    <template #act>
      <v-btn v-if="mayEdit" variant="outlined" :to="`/s/${id}/connect`">Connect a blog</v-btn>
      <v-btn v-if="mayEdit" :to="`/s/${id}/posts/new`">Write a post</v-btn>
    </template>
  </PageTitle>
  <NoticeList class="told" :site-id="id" :may-edit="mayEdit" />
  <div v-if="error" class="work">
    <p class="trouble" role="alert">{{ lineOf(error) }}</p>
  </div>
  <p v-else-if="isPending" class="work waiting">Looking where everything is …</p>
  <div v-else-if="board && board.totalPosts === 0" class="work empty">
    <h2>Nothing to show yet</h2>
    <p>Connect the blog you have, or write a first post here. Then this board shows where each post appears, and why not elsewhere.</p>
    <v-btn :to="`/s/${id}/connect`">Connect a blog</v-btn>
  </div>
  <template v-else-if="board">
    <div class="bar">
      <div class="pills">
        <button
          v-for="pill in pills"
          :key="pill.value"
          class="pill"
          :class="{ on: filter === pill.value }"
          :aria-pressed="filter === pill.value"
          @click="filter = pill.value"
        >
          {{ pill.name }}
        </button>
      </div>
      <div class="key">
        <span v-for="(one, name) in marks" :key="name"><NoteMark :mark="name" /> {{ one.name }}</span>
      </div>
    </div>
    <div class="board">
      <div class="score">
        <BoardTable :places="board.places" :rows="shown" :picked="cell" @pick="cell = $event" />
        <p v-if="shown.length === 0" class="waiting">Nothing here: all is well.</p>
        <v-btn v-if="hasNextPage" class="mt-4" variant="outlined" :loading="isFetchingNextPage" @click="fetchNextPage()">Older posts</v-btn>
      </div>
      <ReasonPanel v-if="picked" :site-id="id" v-bind="picked" @close="cell = ''" />
    </div>
  </template>
</template>

<style scoped>
.told {
  margin: 12px 24px 0;
}
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  padding: 12px 24px;
  align-items: center;
}
.key {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  font-size: 13px;
  color: var(--soft);
}
.board {
  flex: 1;
  display: flex;
  min-height: 0;
}
.score {
  flex: 1;
  min-width: 0;
  padding: 0 24px 40px;
}
@media (max-width: 860px) {
  .told {
    margin-inline: 16px;
  }
  .bar {
    padding: 10px 16px;
  }
  .score {
    padding: 0 16px 96px;
  }
  .key {
    margin-left: 0;
  }
}
</style>
