<script setup lang="ts">
import type { Schemas } from '../api/client'
import { shortDate } from '../shared/dates'

const props = defineProps<{ feed: Schemas['FeedView'] | null }>()
const plain = (html: string | null) =>
  new DOMParser()
    .parseFromString(html ?? '', 'text/html')
    .body.textContent?.trim()
    .slice(0, 260) ?? ''
</script>

<template>
  <div class="reader">
    <p v-if="!props.feed" class="waiting">Nothing could be read.</p>
    <template v-else>
      <h2>{{ props.feed.title ?? 'Feed without a title' }}</h2>
      <p class="soft">{{ props.feed.description }}</p>
      <article v-for="(item, index) in props.feed.items.slice(0, 100)" :key="index">
        <h3>{{ item.title ?? 'Untitled' }}</h3>
        <p class="small soft">
          {{ [item.published ? shortDate(item.published) : 'no date', ...item.authors.map((one) => one.name), ...item.categories].filter(Boolean).join(' · ') }}
        </p>
        <p class="reading">{{ plain(item.summary ?? item.contentHtml) }}</p>
      </article>
    </template>
  </div>
</template>

<style scoped>
.reader {
  padding: 18px 24px 40px;
  max-width: 46rem;
  overflow: auto;
}
h2 {
  font-size: 25px;
}
article {
  padding: 14px 0;
  border-bottom: 1px solid var(--hair);
}
h3 {
  font-size: 19px;
  overflow-wrap: anywhere;
}
</style>
