<script setup lang="ts">
import { computed } from 'vue'
import TabBar from './TabBar.vue'
import { useSite } from '../useSite'

const { id, mayEdit, mayWrite } = useSite()
const tabs = computed(() =>
  [
    { name: 'posts', title: 'All posts', path: '', shown: true },
    { name: 'calendar', title: 'Calendar', path: '/calendar', shown: true },
    { name: 'pictures', title: 'Pictures', path: '/pictures', shown: mayWrite.value },
    { name: 'terms', title: 'Categories, tags, authors', path: '/terms', shown: mayEdit.value },
    { name: 'pages', title: 'Blog pages', path: '/pages', shown: mayEdit.value },
    { name: 'imports', title: 'Import and export', path: '/bring-in', shown: mayEdit.value },
  ]
    .filter((tab) => tab.shown)
    .map((tab) => ({ ...tab, to: `/s/${id.value}/posts${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" label="Around posts" />
</template>
