<script setup lang="ts">
import { computed, ref } from 'vue'
import { PostFindings } from '../posts'
import type { useDigest } from './useDigest'
import { OneOf } from '../shared'
import { t } from './texts'

/** The mail as it will be: on a wide screen, on a phone, as plain text. */
const props = defineProps<{ digest: ReturnType<typeof useDigest>; mayEdit: boolean }>()
const shown = computed(() => props.digest.preview.shown.value)
const ways = [
  ['desktop', t('desktop')],
  ['phone', t('phone')],
  ['plain', t('plainText')],
] as const
const way = ref<(typeof ways)[number][0]>('desktop')
const seen = computed(() => (shown.value?.html === '' ? 'plain' : way.value))
const state = computed(() => {
  if (!shown.value) return ''
  const posts = shown.value.isExample
    ? t('noNewPostsYet', { posts: shown.value.posts })
    : t('newPosts3', { posts: shown.value.posts })
  return t('postsKilobytesKbSubscribers', { posts, kilobytes: shown.value.kilobytes, receivers: shown.value.receivers })
})
</script>

<template>
  <section class="preview" :aria-label="t('preview')">
    <div class="row bar">
      <OneOf
        :model-value="seen"
        :label="t('preview')"
        :choices="ways"
        :disabled="shown?.html === '' ? ['desktop', 'phone'] : []"
        @update:model-value="way = $event"
      />
      <span class="small soft">{{ state }}</span>
      <v-btn
        v-if="props.mayEdit"
        class="test"
        size="small"
        variant="outlined"
        :loading="props.digest.act.running.value"
        @click="props.digest.tryOut"
        >{{ t('sendMeTest') }}</v-btn
      >
    </div>
    <p v-if="props.digest.preview.missing.value" class="soft none">{{ props.digest.preview.missing.value }}</p>
    <template v-else-if="shown">
      <div class="letter" :class="seen">
        <p class="subject">
          <small class="soft">{{ t('subject') }}</small> {{ shown.subject }}
        </p>
        <p v-if="shown.secondSubject" class="subject">
          <small class="soft">{{ t('secondSubject') }}</small> {{ shown.secondSubject }}
        </p>
        <pre v-if="seen === 'plain'" tabindex="0">{{ shown.plain }}</pre>
        <iframe v-else sandbox="" :srcdoc="shown.html" :title="t('theEmail')" />
      </div>
      <PostFindings
        class="found"
        :title="t('checksBeforeSending')"
        :findings="[...shown.findings, ...(props.digest.preview.links.value ?? [])]"
        :links="props.digest.preview.links.value"
        :is-checking="props.digest.preview.checking.running.value"
        :trouble="props.digest.preview.checking.trouble.value"
        @links="props.digest.preview.openLinks"
      />
    </template>
    <p v-else class="waiting">{{ t('loadingPreview') }}</p>
  </section>
</template>

<style scoped>
.preview {
  flex: 1;
  min-width: 0;
  padding: 14px 30px 60px;
}
.bar {
  gap: 8px;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
.test {
  margin-left: auto;
}
.letter {
  border: 1px solid var(--rule);
  border-radius: 6px;
  overflow: hidden;
  background: var(--sheet);
}
.letter.phone {
  max-width: 390px;
}
.subject {
  margin: 0;
  padding: 9px 16px;
  border-bottom: 1px solid var(--hair);
  overflow-wrap: anywhere;
}
.subject small {
  display: inline-block;
  width: 60px;
}
iframe {
  display: block;
  width: 100%;
  height: 620px;
  border: 0;
  background: #fff;
}
pre {
  margin: 0;
  padding: 16px;
  max-height: 620px;
  overflow: auto;
  font-size: 13px;
  line-height: 1.5;
  white-space: pre-wrap;
}
.found {
  margin-top: 22px;
}
.none {
  padding: 30px 0;
}
@media (max-width: 860px) {
  .preview {
    padding: 10px 16px 90px;
  }
  iframe {
    height: 480px;
  }
}
</style>
