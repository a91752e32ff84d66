<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { useSite, WhenText } from '../shared'
import BlogDialog from './BlogDialog.vue'
import DisconnectDialog from './DisconnectDialog.vue'
import { t } from './texts'

/** The blogs of a site: where they come from, and what can be done with each. */
const { id, mayEdit, isOwner } = useSite()
const { data, error, isPending } = useQuery({
  queryKey: ['blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs', { params: { path: { site: id.value } } })),
})
const edited = ref<Schemas['BlogView'] | null>(null)
const leaving = ref<Schemas['BlogView'] | null>(null)
</script>

<template>
  <section :aria-label="t('blogsOfSite')">
    <h2 class="group">{{ t('blogsOfSite') }}</h2>
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('loading') }}</p>
    <p v-else-if="!data!.length" class="soft">{{ t('noBlogHereYet') }}</p>
    <table v-else class="ruled">
      <tbody>
        <tr v-for="blog in data!" :key="blog.id" :data-blog="blog.name">
          <td class="name">
            <span class="t">{{ blog.name }}</span>
            <p v-if="blog.description" class="soft small">{{ blog.description }}</p>
          </td>
          <td class="source">
            <template v-if="blog.following">
              {{ t('followed') }} · <WhenText :at="blog.following.lastVisitAt" />
              <p class="soft small" :title="blog.following.feedAddress">{{ blog.following.feedAddress }}</p>
              <p v-if="blog.following.problem" class="trouble small">{{ blog.following.problem }}</p>
            </template>
            <template v-else>{{ t('writtenHere') }}</template>
          </td>
          <td class="soft">
            <router-link class="link" :to="`/s/${id}/posts?blog=${blog.id}`">{{
              t('countPosts', { posts: blog.posts })
            }}</router-link>
          </td>
          <td class="num acts">
            <button v-if="mayEdit" type="button" class="link" @click="edited = blog">{{ t('rename') }}</button>
            <button v-if="isOwner || (mayEdit && blog.following)" type="button" class="link" @click="leaving = blog">
              {{ t('disconnect') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
  <BlogDialog v-if="edited" :site-id="id" :blog="edited" @close="edited = null" />
  <DisconnectDialog v-if="leaving" :site-id="id" :blog="leaving" :may-remove="isOwner" @close="leaving = null" />
</template>

<style scoped>
section {
  max-width: 60rem;
  margin-top: 40px;
}
.name {
  min-width: 12rem;
}
.source p {
  margin: 2px 0 0;
  max-width: 24rem;
  overflow-wrap: anywhere;
}
.source .trouble {
  margin-top: 6px;
}
.name p {
  margin: 2px 0 0;
}
.acts,
td:nth-last-child(2) {
  white-space: nowrap;
}
.acts .link + .link {
  margin-left: 14px;
}
@media (max-width: 600px) {
  .ruled tr {
    display: grid;
    grid-template-columns: 1fr auto;
    padding: 8px 0;
    border-bottom: 1px solid var(--hair);
  }
  .ruled td {
    border: 0;
    padding: 3px 0;
  }
  .name,
  .source {
    grid-column: 1 / -1;
  }
}
</style>
