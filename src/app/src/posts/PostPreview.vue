<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api/client'
import { shortDate } from '../shared/dates'

const props = defineProps<{ post: Schemas['PostRequest']; site: Schemas['SiteView'] | undefined }>()
const plain = computed(() => new DOMParser().parseFromString(props.post.bodyHtml, 'text/html').body.textContent?.replace(/\s+/g, ' ').trim() ?? '')
const excerpt = computed(() => props.post.excerpt || plain.value.split(' ').slice(0, 30).join(' '))
const today = computed(() => shortDate(new Date().toISOString(), props.site?.timeZone))
</script>

<template>
  <h2 class="group">What the world will see</h2>
  <p class="label">In a listing</p>
  <div class="entry">
    <img v-if="props.post.pictureAddress" :src="props.post.pictureAddress" :alt="props.post.pictureAlt ?? ''" />
    <div>
      <b>{{ props.post.title || 'Title' }}</b><small>{{ today }}{{ props.post.category ? ` · ${props.post.category}` : '' }}</small>
    </div>
  </div>
  <p class="label">As a search result</p>
  <div class="result">
    <b>{{ props.post.title || 'Title' }}</b>
    <p>{{ excerpt.slice(0, 156) || 'The start of the text' }}</p>
  </div>
  <p class="label">In the mail</p>
  <div class="result">
    <small>Subject</small><b>{{ props.post.title || 'Title' }}</b>
  </div>
</template>

<style scoped>
.label {
  font-size: 12.5px;
  color: var(--soft);
  margin: 12px 0 4px;
}
.entry {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 12px;
}
.entry img {
  width: 84px;
  height: 63px;
  object-fit: cover;
  border-radius: 3px;
}
.entry b,
.result b {
  display: block;
  font: 600 16px/1.3 var(--title);
  overflow-wrap: anywhere;
}
.entry small,
.result small {
  color: var(--soft);
}
.result p {
  font-size: 13.5px;
  color: var(--soft);
}
</style>
