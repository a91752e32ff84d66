<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../../api'
import { CountMeter } from '../../../channels'
import { t } from '../../texts'

/** What a post is about to be on one channel, as those see it who get it. */
const props = defineProps<{ one: Schemas['ChannelPreview'] }>()
const pieces = computed(() =>
  props.one.text
    .split(/(https?:\/\/\S+|#[\p{L}\p{N}_]+)/u)
    .map((text) => ({ text, isLink: /^(https?:|#)/.test(text) })),
)
const page = computed(
  () =>
    `<style>body{font:15px/1.5 Georgia,serif;margin:12px 14px;color:#222;background:#fff}img,video{max-width:100%;height:auto}a{color:#234f8c}</style>${props.one.html ?? ''}`,
)
</script>

<template>
  <figure v-if="props.one.kind === 'social'" class="short">
    <p>
      <template v-for="(piece, at) in pieces" :key="at"
        ><span v-if="piece.isLink" class="linked">{{ piece.text }}</span
        ><template v-else>{{ piece.text }}</template></template
      >
    </p>
    <template v-if="props.one.picture">
      <img :src="props.one.picture" :alt="props.one.pictureAlt ?? ''" loading="lazy" />
      <figcaption class="small soft">
        {{ props.one.pictureAlt ? t('readAloudPicturealt', { pictureAlt: props.one.pictureAlt }) : t('noAltText') }}
      </figcaption>
    </template>
    <CountMeter :count="props.one.count ?? 0" :limit="props.one.limit ?? 0" :shortened="props.one.shortened" />
  </figure>
  <template v-else-if="props.one.kind === 'partner'">
    <iframe sandbox="" :srcdoc="page" :title="t('postName', { name: props.one.name })" />
    <details>
      <summary class="small soft">{{ t('whatSent') }}</summary>
      <pre tabindex="0">{{ props.one.text }}</pre>
    </details>
  </template>
  <pre v-else tabindex="0">{{ props.one.text }}</pre>
</template>

<style scoped>
.short {
  margin: 0;
  border: 1px solid var(--hair);
  border-radius: 6px;
  background: var(--paper);
  padding: 10px 14px;
}
.short p {
  margin: 0 0 10px;
  white-space: pre-line;
  overflow-wrap: anywhere;
}
.linked {
  color: var(--verdigris);
}
.short img {
  width: 100%;
  max-height: 220px;
  object-fit: cover;
  border-radius: 6px;
  display: block;
}
iframe {
  width: 100%;
  height: 260px;
  border: 1px solid var(--hair);
  border-radius: 6px;
  background: #fff;
}
summary {
  cursor: pointer;
}
pre {
  font-size: 12px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  max-height: 220px;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--hair);
  border-radius: 6px;
  padding: 8px 10px;
  margin: 0;
}
</style>
