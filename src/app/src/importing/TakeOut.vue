<script setup lang="ts">
import { ref, watch } from 'vue'
import type { Schemas } from '../api'
import { t } from './texts'

/** Hands a blog to the person as files. */
const props = defineProps<{ siteId: number; blogs: Schemas['BlogView'][] }>()
const blog = ref(0)
watch(
  () => props.blogs,
  (all) => (blog.value ||= all[0]?.id ?? 0),
  { immediate: true },
)
const forms = [
  {
    form: 'markdown',
    name: t('markdownFrontMatter'),
    text: t('oneFileEachPost'),
  },
  { form: 'json', name: 'JSON', text: t('everythingPostHasOne') },
  { form: 'html', name: 'HTML', text: t('onePageEachPost') },
  {
    form: 'pages',
    name: t('wholeBlogPages'),
    text: t('listsPostsCategoriesArchive'),
  },
  { form: 'atom', name: t('atom'), text: t('wholeBlogOneAtom') },
]
const target = ref('')
const address = (form: string) =>
  `/api/sites/${props.siteId}/blogs/${blog.value}/export/${form}` +
  (form === 'pages' && /^https?:\/\/\S+\.\S+/.test(target.value) ? `?target=${encodeURIComponent(target.value)}` : '')
</script>

<template>
  <section>
    <h2 class="group">{{ t('exportPosts') }}</h2>
    <v-select
      v-if="props.blogs.length > 1"
      v-model="blog"
      class="mt-3"
      :items="props.blogs"
      item-title="name"
      item-value="id"
      :label="t('blog')"
    />
    <ul>
      <li v-for="one in forms" :key="one.form">
        <a class="link" :href="address(one.form)" download>{{ one.name }}</a>
        <p class="soft small">{{ one.text }}</p>
        <v-text-field
          v-if="one.form === 'pages'"
          v-model="target"
          class="mt-2"
          density="compact"
          spellcheck="false"
          :label="t('futureAddressOptional')"
          placeholder="https://blog.quillmoor.example/"
        />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 12px 0;
  padding: 0;
}
li {
  padding: 10px 0;
  border-bottom: 1px solid var(--hair);
}
p {
  margin: 2px 0 0;
}
</style>
