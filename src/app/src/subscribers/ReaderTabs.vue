<script setup lang="ts">
import { computed } from 'vue'
import { TabBar, useSite } from '../shared'

const { id } = useSite()
const tabs = computed(() =>
  [
    { name: 'readers', title: 'Subscribers', path: '' },
    { name: 'segments', title: 'Segments', path: '/segments' },
    { name: 'sign-up-forms', title: 'Sign-up forms', path: '/forms' },
    { name: 'growth', title: 'Growth', path: '/growth' },
    { name: 'questions', title: 'Questions', path: '/questions' },
  ].map((tab) => ({ ...tab, to: `/s/${id.value}/readers${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" label="Around readers" />
</template>
