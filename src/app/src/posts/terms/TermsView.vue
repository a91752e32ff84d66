<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { PageTitle, PostTabs, useQueryValue, useRefresh, useSite } from '../../shared'
import AuthorDialog from './AuthorDialog.vue'
import CategoryDialog from './CategoryDialog.vue'
import OwnFieldsPart from './OwnFieldsPart.vue'
import RenameDialog from './RenameDialog.vue'
import { t } from '../texts'

const { id, mayEdit } = useSite()
const tab = useQueryValue('tab')
const { data, error, isPending } = useQuery({
  queryKey: ['all-terms', id],
  queryFn: () => take(api.GET('/api/sites/{site}/terms', { params: { path: { site: id.value } } })),
})
const renaming = ref<{ kind: Schemas['TermKind']; name: string } | null>(null)
const category = ref<Schemas['CategoryView'] | null>(null)
const author = ref<Schemas['AuthorView'] | null>(null)
const newCategory = (): Schemas['CategoryView'] => ({ name: '', above: null, description: null, path: [], posts: 0 })
const newAuthor = (): Schemas['AuthorView'] => ({ name: '', about: null, link: null, pictureAddress: null, posts: 0 })
const tabs = computed(() => [
  { value: '', name: t('categories'), count: data.value?.categories.length },
  { value: 'tags', name: t('tags'), count: data.value?.tags.length },
  { value: 'authors', name: t('authors'), count: data.value?.authors.length },
  { value: 'fields', name: t('customFields'), count: undefined },
])

const reload = useRefresh('all-terms', 'terms', 'posts')
</script>

<template>
  <PageTitle :title="t('categoriesTagsAuthors')">
    <template #state>{{ t('organisePostsByCategory') }}</template>
    <template #act>
      <v-btn v-if="mayEdit && !tab" @click="category = newCategory()">{{ t('addCategory') }}</v-btn>
      <v-btn v-else-if="mayEdit && tab === 'authors'" @click="author = newAuthor()">{{ t('addAuthor') }}</v-btn>
    </template>
  </PageTitle>
  <PostTabs />
  <div class="work">
    <div class="tabs" role="tablist" :aria-label="t('sections')">
      <button
        v-for="one in tabs"
        :key="one.value"
        role="tab"
        :aria-selected="tab === one.value"
        :class="{ on: tab === one.value }"
        @click="tab = one.value"
      >
        {{ one.name }} <span class="soft">{{ one.count }}</span>
      </button>
    </div>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
    <OwnFieldsPart v-else-if="tab === 'fields'" :site-id="id" :may-edit="mayEdit" />
    <table v-else-if="tab === 'tags'" class="ruled narrow">
      <tbody>
        <tr v-for="one in data!.tags" :key="one.name">
          <td class="t">{{ one.name }}</td>
          <td class="soft">
            <router-link class="link" :to="`/s/${id}/posts?tag=${encodeURIComponent(one.name)}`">{{
              t('posts2', { posts: one.posts })
            }}</router-link>
          </td>
          <td class="num">
            <button v-if="mayEdit" type="button" class="link" @click="renaming = { kind: 'tag', name: one.name }">
              {{ t('renameMerge') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <table v-else-if="tab === 'authors'" class="ruled">
      <tbody>
        <tr v-for="one in data!.authors" :key="one.name">
          <td class="face"><img v-if="one.pictureAddress" :src="one.pictureAddress" alt="" /></td>
          <td>
            <span class="t">{{ one.name }}</span>
            <p class="soft">{{ one.about ?? t('noDescription') }}</p>
          </td>
          <td class="soft">
            <router-link class="link" :to="`/s/${id}/posts?author=${encodeURIComponent(one.name)}`">{{
              t('posts2', { posts: one.posts })
            }}</router-link>
          </td>
          <td class="num acts">
            <template v-if="mayEdit"
              ><button type="button" class="link" @click="author = one">{{ t('edit') }}</button>
              <button type="button" class="link" @click="renaming = { kind: 'author', name: one.name }">
                {{ t('rename') }}
              </button></template
            >
          </td>
        </tr>
      </tbody>
    </table>
    <table v-else class="ruled narrow">
      <tbody>
        <tr v-for="one in data!.categories" :key="one.name">
          <td :style="{ paddingLeft: `${(one.path.length - 1) * 26}px` }">
            <span class="t">{{ one.name }}</span>
            <p v-if="one.description" class="soft small">{{ one.description }}</p>
          </td>
          <td class="soft">
            <router-link class="link" :to="`/s/${id}/posts?category=${encodeURIComponent(one.name)}`">{{
              t('posts2', { posts: one.posts })
            }}</router-link>
          </td>
          <td class="num acts">
            <template v-if="mayEdit"
              ><button type="button" class="link" @click="category = one">{{ t('edit') }}</button>
              <button type="button" class="link" @click="renaming = { kind: 'category', name: one.name }">
                {{ t('rename') }}
              </button></template
            >
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <RenameDialog
    v-if="renaming && data"
    :site-id="id"
    :kind="renaming.kind"
    :name="renaming.name"
    :terms="data"
    @done="reload"
    @close="renaming = null"
  />
  <CategoryDialog
    v-if="category && data"
    :site-id="id"
    :category="category"
    :all="data.categories"
    @done="reload"
    @close="category = null"
  />
  <AuthorDialog v-if="author" :site-id="id" :author="author" @done="reload" @close="author = null" />
</template>

<style scoped>
.narrow {
  max-width: 52rem;
}
.face {
  width: 60px;
}
.face img {
  width: 46px;
  height: 46px;
  object-fit: cover;
  border-radius: 50%;
}
td:nth-last-child(2) {
  white-space: nowrap;
}
@media (max-width: 860px) {
  .acts .link {
    display: block;
    margin-left: auto;
    min-height: 24px;
  }
}
.acts .link + .link {
  margin-left: 14px;
}
p {
  margin: 2px 0 0;
}
</style>
