<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, lineOf, take } from '../api'
import { NoticeList } from '../notices'
import { marks, NoteMark, OneOf, PageTitle, useQueryValue, useSite } from '../shared'
import BoardTable from './BoardTable.vue'
import ReasonPanel from './ReasonPanel.vue'
import { useBoardWindow } from './useBoardWindow'
import { t } from './texts'

const { id, mayEdit } = useSite()
const filter = useQueryValue('show')
const cell = useQueryValue('cell')
const { data: blogs } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
})
const of = useQueryValue('blog')
const blog = computed(() => Number(of.value) || undefined)
const show = computed(() => (filter.value === 'off' || filter.value === 'due' ? filter.value : undefined))
const { scroller, board, lines, rows, total, error, isPending } = useBoardWindow(id, blog, show)
const state = computed(() => {
  if (!board.value) return ''
  const start = `${t('posts2', { totalPosts: board.value.totalPosts })}, ${t('destinations', { places: board.value.places.length })}.`
  if (board.value.off) return t('startPostsNeedAttention', { start, off: board.value.off })
  return board.value.due ? t('startPostsPending', { start, due: board.value.due }) : t('startAllPostsUp', { start })
})
const picked = computed(() => {
  const [post, place] = cell.value.split('.')
  const row = [...rows.value.values()].find((one) => String(one.postId) === post)
  const index = board.value?.places.findIndex((one) => one.key === place) ?? -1
  return row && index >= 0 ? { row, place: board.value!.places[index]!, cell: row.cells[index]! } : null
})
const filters = computed(() => [
  ['', t('all')] as const,
  ...(board.value?.off || show.value === 'off'
    ? [['off', t('needsAttentionOff', { off: board.value?.off ?? '…' })] as const]
    : []),
  ...(board.value?.due || show.value === 'due'
    ? [['due', t('scheduledDue', { due: board.value?.due ?? '…' })] as const]
    : []),
])
</script>

<template>
  <PageTitle :title="t('coverage')">
    <template #state>{{ state }}</template>
    <template #act>
      <v-btn v-if="mayEdit" variant="outlined" :to="`/s/${id}/connect`">{{ t('connectBlog') }}</v-btn>
      <v-btn v-if="mayEdit" :to="`/s/${id}/posts/new`">{{ t('writePost') }}</v-btn>
    </template>
  </PageTitle>
  <NoticeList class="told" :site-id="id" :may-edit="mayEdit" />
  <div v-if="error" class="work">
    <p class="trouble" role="alert">{{ lineOf(error) }}</p>
  </div>
  <p v-else-if="isPending" class="work waiting">{{ t('loading') }}</p>
  <div v-else-if="board && board.totalPosts === 0" class="work empty">
    <h2>{{ t('nothingShowYet') }}</h2>
    <p>
      {{ t('connectBlogHaveWrite') }}
    </p>
    <v-btn :to="`/s/${id}/connect`">{{ t('connectBlog') }}</v-btn>
  </div>
  <template v-else-if="board">
    <div class="bar">
      <OneOf v-model="filter" :label="t('filter')" :choices="filters" />
      <v-select
        v-if="(blogs?.length ?? 0) > 1"
        v-model="of"
        class="of"
        density="compact"
        hide-details
        :aria-label="t('blog')"
        :items="[
          { value: '', title: t('allBlogs') },
          ...blogs!.map((one) => ({ value: String(one.id), title: one.name })),
        ]"
      />
      <div class="key">
        <span v-for="(one, name) in marks" :key="name"><NoteMark :mark="name" /> {{ one.name }}</span>
      </div>
    </div>
    <div class="board">
      <div class="score">
        <BoardTable
          v-model:scroller="scroller"
          :places="board.places"
          :lines="lines"
          :total="total"
          :picked="cell"
          @pick="cell = $event"
        />
        <p v-if="total === 0" class="waiting">{{ t('nothingDo') }}</p>
      </div>
      <ReasonPanel v-if="picked" :key="cell" :site-id="id" :may-edit="mayEdit" v-bind="picked" @close="cell = ''" />
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
.of {
  flex: 0 1 15rem;
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
  padding: 0 24px;
}
@media (max-width: 860px) {
  .told {
    margin-inline: 16px;
  }
  .bar {
    padding: 10px 16px;
  }
  .score {
    padding: 0 16px 72px;
  }
  .key {
    margin-left: 0;
  }
}
</style>
