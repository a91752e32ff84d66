<script setup lang="ts">
import { mdiFilterVariant, mdiViewColumnOutline } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, lineOf, type Schemas, take } from '../api'
import { PageTitle, PostTabs, useAct, useSite, useTerms } from '../shared'
import BulkBar from './list/BulkBar.vue'
import NarrowBar from './list/NarrowBar.vue'
import PostTable from './list/PostTable.vue'
import { columns as columnNames, useColumns, type Column } from './list/columns'
import { useBulk } from './list/useBulk'
import { usePostList } from './list/usePostList'
import { statuses } from './status'
import { t } from './texts'

const { id, site, mayEdit, mayWrite } = useSite()
const router = useRouter()
const { narrow, sort, found, narrowed, query, posts, total } = usePostList(() => id.value)
const { status, search, bin } = narrow
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
const act = useAct()
const inBin = computed(() => bin.value === 'yes')
const finer = computed(
  () =>
    ['blog', 'author', 'category', 'tag', 'from', 'to', 'findings'].filter(
      (name) => narrow[name as keyof typeof narrow].value,
    ).length,
)
const opened = ref(finer.value > 0)

function show(wanted: string, ofBin: string): void {
  void router.replace({
    query: { ...router.currentRoute.value.query, status: wanted || undefined, bin: ofBin || undefined },
  })
}

function flip(name: Column): void {
  columns.value = columns.value.includes(name)
    ? columns.value.filter((column) => column !== name)
    : [...columns.value, name]
}

async function copy(post: Schemas['PostSummary']): Promise<void> {
  const made = await act.run(() =>
    take(api.POST('/api/sites/{site}/posts/{post}/copy', { params: { path: { site: id.value, post: post.id } } })),
  )
  if (made) void router.push(`/s/${id.value}/posts/${made.id}`)
}
</script>

<template>
  <PageTitle :title="t('posts')">
    <template #state>{{ t('posts3', { total }) }}{{ inBin ? t('binKept30Days') : narrowed ? ' found' : '' }}.</template>
    <template #act
      ><v-btn v-if="mayWrite" :to="`/s/${id}/posts/new`">{{ t('writePost') }}</v-btn></template
    >
  </PageTitle>
  <PostTabs />
  <div class="work">
    <div class="row tools">
      <div class="pills">
        <button class="pill" :class="{ on: !status && !inBin }" @click="show('', '')">{{ t('all') }}</button>
        <button
          v-for="(one, name) in statuses"
          :key="name"
          class="pill"
          :class="{ on: status === name }"
          @click="show(name, '')"
        >
          {{ one.name }}
        </button>
        <button class="pill" :class="{ on: inBin }" @click="show('', 'yes')">{{ t('bin') }}</button>
      </div>
      <div class="row finding">
        <v-text-field
          v-model="search"
          class="search"
          density="compact"
          :label="t('searchPosts')"
          clearable
          @click:clear="search = ''"
        />
        <button type="button" class="chip" :class="{ on: finer > 0 }" :aria-expanded="opened" @click="opened = !opened">
          <v-icon :icon="mdiFilterVariant" size="17" /> {{ finer ? t('narrowFiner', { finer }) : t('narrow') }}
        </button>
        <v-menu :close-on-content-click="false">
          <template #activator="{ props: opener }"
            ><button type="button" class="chip" v-bind="opener">
              <v-icon :icon="mdiViewColumnOutline" size="17" /> {{ t('columns') }}
            </button></template
          >
          <v-card class="pa-3">
            <v-checkbox
              v-for="(title, name) in columnNames"
              :key="name"
              :model-value="columns.includes(name)"
              :label="title"
              @update:model-value="flip(name)"
            />
          </v-card>
        </v-menu>
      </div>
    </div>
    <NarrowBar v-if="opened" :narrow="narrow" :terms="terms" :blogs="blogs" />
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
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
        :site-id="id"
        :posts="posts"
        :columns="columns"
        :zone="site?.timeZone"
        :may-edit="mayEdit"
        :bulk="bulk"
        :terms="terms"
        @copy="copy"
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
</template>

<style scoped>
.tools {
  justify-content: space-between;
}
.finding {
  flex-wrap: nowrap;
}
.finding .chip {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  height: 38px;
}
.search {
  min-width: 220px;
}
@media (max-width: 860px) {
  .finding {
    width: 100%;
    flex-wrap: wrap;
  }
}
</style>
