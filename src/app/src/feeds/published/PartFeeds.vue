<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { ChoiceLine, CopyButton } from '../../shared'
import { t } from '../texts'

/** Feeds of each category, tag and author of a blog, with their addresses. */
const props = defineProps<{ siteId: number; blog: number; forms: readonly string[] }>()
const { data, error, isPending } = useQuery({
  queryKey: ['feeds', 'parts', () => props.siteId, () => props.blog],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/feeds/parts/{blog}', { params: { path: { site: props.siteId, blog: props.blog } } }),
    ),
})
type Part = Schemas['FeedPart']
const part = ref<Part>('category')
const form = ref(props.forms[0] ?? 'RSS')
const words = ref('')
const names: Record<Part, string> = { category: t('categories'), tag: t('tags'), author: t('authors') }
const parts = computed(() =>
  (Object.keys(names) as Part[])
    .filter((name) => data.value?.some((feed) => feed.part === name))
    .map((name) => [name, names[name]] as const),
)
const isLong = computed(() => (data.value?.filter((feed) => feed.part === part.value).length ?? 0) > 12)
const shown = computed(
  () =>
    data.value?.filter(
      (feed) => feed.part === part.value && feed.name.toLowerCase().includes(words.value.trim().toLowerCase()),
    ) ?? [],
)
const address = (feed: Schemas['PartFeedView']) =>
  form.value === 'RSS' ? feed.rss : form.value === 'Atom' ? feed.atom : feed.json
</script>

<template>
  <div class="parts">
    <p v-if="error" class="trouble" role="alert">{{ lineOf(error) }}</p>
    <p v-else-if="isPending" class="waiting">{{ t('readingFeeds') }}</p>
    <p v-else-if="!parts.length" class="soft small">{{ t('noPartFeeds') }}</p>
    <template v-else>
      <div class="row">
        <ChoiceLine v-model="part" :label="t('feedsOf')" :choices="parts" />
        <ChoiceLine
          v-if="props.forms.length > 1"
          v-model="form"
          :label="t('format')"
          :choices="props.forms.map((name) => [name, name] as const)"
        />
        <v-text-field v-if="isLong" v-model="words" class="find" :label="t('search')" density="compact" />
      </div>
      <ul>
        <li v-for="feed in shown" :key="feed.name">
          <b>{{ feed.name }}</b><span class="soft small">{{ t('posts2', { posts: feed.posts }) }}</span
          ><a class="address" :href="address(feed)" target="_blank" rel="noopener">{{ address(feed) }}</a
          ><CopyButton :text="address(feed)" :label="t('copyNameAddress', { name: feed.name })" />
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.parts {
  grid-column: 1/-1;
  padding: 6px 0 4px 24px;
  border-left: 3px solid var(--rule);
}
.find {
  max-width: 220px;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
  max-height: 360px;
  overflow: auto;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 220px) 80px minmax(0, 1fr) auto;
  gap: 12px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
}
li b {
  font-weight: 600;
  overflow-wrap: anywhere;
}
.address {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
@media (max-width: 860px) {
  .parts {
    padding-left: 12px;
  }
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  li .address {
    grid-column: 1;
  }
}
</style>
