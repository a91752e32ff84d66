<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, take } from '../api'
import { useAct, useNotice, useRefresh, useSite, WhenText } from '../shared'
import { t } from './texts'

/** Blogs that were removed lately, as long as they can come back. */
const { id, isOwner } = useSite()
const { data } = useQuery({
  queryKey: ['removed-blogs', id],
  queryFn: () => take(api.GET('/api/sites/{site}/blogs/removed', { params: { path: { site: id.value } } })),
})
const act = useAct()
const { say } = useNotice()
const reload = useRefresh('blogs', 'removed-blogs', 'coverage', 'posts', 'feeds', 'followed', 'listings')

async function restore(blog: number, name: string): Promise<void> {
  const back = await act.run(
    async () => (
      await take(api.POST('/api/sites/{site}/blogs/{blog}/restore', { params: { path: { site: id.value, blog } } })),
      true
    ),
  )
  await reload()
  if (back) say(t('nameRestored', { name }))
}
</script>

<template>
  <section v-if="data?.length" :aria-label="t('removedBlogs')">
    <h2 class="group">{{ t('removedBlogs') }}</h2>
    <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <table class="ruled">
      <tbody>
        <tr v-for="blog in data" :key="blog.id" :data-removed="blog.name">
          <td class="t">{{ blog.name }}</td>
          <td class="soft">
            {{ t('countPosts', { posts: blog.posts }) }} · {{ t('removed') }} <WhenText :at="blog.removedAt" />
          </td>
          <td class="num">
            <button v-if="isOwner" type="button" class="link" @click="restore(blog.id, blog.name)">
              {{ t('restore') }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="soft small">{{ t('removedBlogsStay') }}</p>
  </section>
</template>

<style scoped>
section {
  max-width: 60rem;
  margin-top: 32px;
}
</style>
