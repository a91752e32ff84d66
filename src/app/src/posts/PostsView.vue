<script setup lang="ts">
import { mdiViewColumnOutline } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, take } from '../api'
import { PageTitle, PostTabs, TickChip, useQueryValue, useSite, useTerms } from '../shared'
import BulkBar from './list/BulkBar.vue'
import PostDetails from './list/PostDetails.vue'
import PostFilter from './list/PostFilter.vue'
import PostTable from './list/PostTable.vue'
import SetFilters from './list/SetFilters.vue'
import { columns as columnNames, useColumns, type Column } from './list/columns'
import { useBulk } from './list/useBulk'
import { usePostFilter } from './list/usePostFilter'
import { usePostList } from './list/usePostList'
import { t } from './texts'

const { id, site, mayEdit, mayWrite } = useSite()
const { narrow, sort, found, narrowed, query, posts, total } = usePostList(() => id.value)
const { search, bin } = narrow
const { error, isPending, hasNextPage, fetchNextPage, isFetchingNextPage } = query
const bulk = useBulk(
  () => id.value,
  () => posts.value,
  () => found.value,
  () => total.value,
)
const columns = useColumns()
const { data: terms } = useTerms(() => id.value)
const { data: blogs } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
})
const filter = usePostFilter(narrow, () => blogs.value)
const inBin = computed(() => bin.value === 'yes')
const shown = useQueryValue('post')
const details = ref<InstanceType<typeof PostDetails> | null>(null)
const opened = computed({
  get: () => shown.value,
  set: (post: string) => {
    if (details.value?.mayLeave() ?? true) shown.value = post
  },
})
const chosen = computed(() => posts.value.find((post) => String(post.id) === opened.value))
const state = computed(() =>
  inBin.value
    ? t('postsInBin', { total: total.value })
    : narrowed.value
      ? t('postsFound', { total: total.value })
      : t('postsInAll', { total: total.value }),
)

function flip(name: Column): void {
  columns.value = columns.value.includes(name)
    ? columns.value.filter((column) => column !== name)
    : [...columns.value, name]
}
</script>

<template>
  <PageTitle :title="t('posts')">
    <template #state>{{ state }}</template>
    <template #act
      ><v-btn v-if="mayWrite" :to="`/s/${id}/posts/new`">{{ t('writePost') }}</v-btn></template
    >
  </PageTitle>
  <PostTabs />
  <div class="work split">
    <div class="list" :class="{ away: chosen }">
      <div class="row finding">
        <v-text-field
          v-model="search"
          class="search"
          density="compact"
          :label="t('searchPosts')"
          hide-details
          clearable
          @click:clear="search = ''"
        />
        <PostFilter :narrow="narrow" :filter="filter" :terms="terms" />
        <v-menu :close-on-content-click="false">
          <template #activator="{ props: opener }"
            ><button type="button" class="chip columns" v-bind="opener">
              <v-icon :icon="mdiViewColumnOutline" size="17" /> {{ t('columns') }}
            </button></template
          >
          <v-card class="pa-3">
            <div class="chips">
              <TickChip
                v-for="(title, name) in columnNames"
                :key="name"
                :model-value="columns.includes(name)"
                @update:model-value="flip(name)"
                >{{ title }}</TickChip
              >
            </div>
          </v-card>
        </v-menu>
      </div>
      <SetFilters :filter="filter" />
      <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
      <p v-else-if="isPending" class="waiting">{{ t('readingPosts') }}</p>
      <div v-else-if="posts.length === 0" class="empty">
        <h2>{{ inBin ? t('binEmpty') : narrowed ? t('noPostsFound') : t('noPostsYet') }}</h2>
        <p>
          {{ inBin ? t('deletedPostsCanRestored') : narrowed ? t('changeSearchFilters') : t('writeFirstOneConnect') }}
        </p>
      </div>
      <template v-else>
        <PostTable
          v-model:sort="sort"
          v-model:opened="opened"
          :class="{ beside: chosen }"
          :site-id="id"
          :posts="posts"
          :columns="columns"
          :zone="site?.timeZone"
          :may-edit="mayEdit"
          :bulk="bulk"
        />
        <v-btn
          v-if="hasNextPage"
          class="mt-4"
          variant="outlined"
          :loading="isFetchingNextPage"
          @click="fetchNextPage()"
          >{{ t('showMore') }}</v-btn
        >
        <BulkBar
          v-if="mayEdit && bulk.count.value > 0"
          :bulk="bulk"
          :shown="posts.length"
          :total="total"
          :bin="inBin"
          :terms="terms"
        />
      </template>
    </div>
    <PostDetails
      v-if="chosen"
      ref="details"
      :key="chosen.id"
      :site-id="id"
      :post="chosen"
      :terms="terms"
      :may-edit="mayEdit"
      :zone="site?.timeZone"
      @close="shown = ''"
    />
  </div>
</template>

<style scoped>
.list {
  flex: 1;
  min-width: 0;
  padding: 14px 24px 40px;
}
.finding {
  flex-wrap: nowrap;
  gap: 10px;
}
.columns {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  height: 40px;
  margin-left: auto;
}
.search {
  flex: 0 1 340px;
  min-width: 0;
}
@media (max-width: 860px) {
  .list {
    padding: 14px 16px 90px;
  }
  .list.away,
  .columns {
    display: none;
  }
  .search {
    flex: 1;
  }
}
</style>
