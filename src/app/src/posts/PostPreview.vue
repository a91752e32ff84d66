<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { shortDate } from '../shared'
import { searchWidths, textWidth } from './editor/sending/textWidth'
import { t } from './texts'

const props = defineProps<{ post: Schemas['PostRequest']; site: Schemas['SiteView'] | undefined }>()
const plain = computed(
  () =>
    new DOMParser().parseFromString(props.post.bodyHtml, 'text/html').body.textContent?.replace(/\s+/g, ' ').trim() ??
    '',
)
const title = computed(() => props.post.title || t('title'))
const excerpt = computed(() => props.post.excerpt || plain.value.split(' ').slice(0, 30).join(' '))
const details = computed(() => props.post.details)
const host = computed(() => (props.site ? new URL(props.site.address).host : ''))
const today = computed(() => shortDate(new Date().toISOString(), props.site?.timeZone))
const position = computed(() => `${props.post.focusX ?? 50}% ${props.post.focusY ?? 50}%`)
const cut = (text: string, kind: keyof typeof searchWidths) => {
  const { font, most } = searchWidths[kind]
  if (textWidth(text, font) <= most) return text
  const words = text.split(' ')
  while (words.length > 1 && textWidth(`${words.join(' ')} …`, font) > most) words.pop()
  return `${words.join(' ')} …`
}
const found = computed(() => ({
  title: cut(details.value?.searchTitle || title.value, 'title'),
  text: cut(details.value?.searchDescription || excerpt.value || t('startText'), 'description'),
}))
</script>

<template>
  <h2 class="group">{{ t('previews') }}</h2>
  <p class="label">{{ t('inAListing') }}</p>
  <div class="entry">
    <img v-if="details?.listingPicture" :src="details.listingPicture" :alt="props.post.pictureAlt ?? ''" />
    <img
      v-else-if="props.post.pictureAddress"
      :src="props.post.pictureAddress"
      :alt="props.post.pictureAlt ?? ''"
      :style="{ objectPosition: position }"
    />
    <div>
      <b>{{ title }}</b><small>{{ today }}{{ props.post.category ? ` · ${props.post.category}` : '' }}</small>
    </div>
  </div>
  <p class="label">{{ details?.hiddenFromSearch ? t('searchResultHiddenFrom') : t('searchResult') }}</p>
  <div class="result">
    <small>{{ host }}</small><b>{{ found.title }}</b>
    <p>{{ found.text }}</p>
  </div>
  <p class="label">{{ t('socialPreview') }}</p>
  <div class="card">
    <img v-if="details?.socialPicture" :src="details.socialPicture" alt="" />
    <img
      v-else-if="props.post.pictureAddress"
      :src="props.post.pictureAddress"
      alt=""
      :style="{ objectPosition: position }"
    />
    <div>
      <b>{{ details?.socialTitle || title }}</b>
      <p>{{ (details?.socialText || details?.searchDescription || excerpt).slice(0, 140) }}</p>
      <small>{{ host }}</small>
    </div>
  </div>
  <p class="label">{{ t('feedReader') }}</p>
  <div class="result">
    <b>{{ title }}</b><small>{{ [props.post.author, today].filter(Boolean).join(' · ') }}</small>
    <p>{{ excerpt }}</p>
  </div>
  <p class="label">{{ t('email') }}</p>
  <div class="result">
    <small>{{ props.site?.name }}</small><b>{{ title }}</b>
    <p>{{ plain.slice(0, 110) }}</p>
  </div>
</template>

<style scoped>
.label {
  font-size: 12.5px;
  color: var(--soft);
  margin: 14px 0 4px;
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
.result b,
.card b {
  display: block;
  font: 600 16px/1.3 var(--title);
  overflow-wrap: anywhere;
}
.entry small,
.result small,
.card small {
  color: var(--soft);
}
.result p,
.card p {
  font-size: 13.5px;
  color: var(--soft);
  margin: 2px 0 0;
}
.card {
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
}
.card img {
  width: 100%;
  aspect-ratio: 1200 / 630;
  object-fit: cover;
  display: block;
}
.card div {
  padding: 10px 12px;
}
</style>
