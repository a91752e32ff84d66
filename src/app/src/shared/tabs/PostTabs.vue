<script setup lang="ts">
import { computed } from 'vue'
import TabBar from './TabBar.vue'
import { useSite } from '../useSite'
import { t } from '../texts'

const { id, mayEdit, mayWrite } = useSite()
const tabs = computed(() =>
  [
    { name: 'posts', title: t('allPosts'), path: '', shown: true },
    { name: 'calendar', title: t('calendar'), path: '/calendar', shown: true },
    { name: 'pictures', title: t('pictures'), path: '/pictures', shown: mayWrite.value },
    { name: 'terms', title: t('categoriesTagsAuthors'), path: '/terms', shown: mayEdit.value },
    { name: 'pages', title: t('blogPages'), path: '/pages', shown: mayEdit.value },
    { name: 'imports', title: t('importExport'), path: '/bring-in', shown: mayEdit.value },
  ]
    .filter((tab) => tab.shown)
    .map((tab) => ({ ...tab, to: `/s/${id.value}/posts${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" :label="t('aroundPosts')" />
</template>
