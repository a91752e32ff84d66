<script setup lang="ts">
import { computed } from 'vue'
import { TabBar, useSite } from '../shared'

const { id, mayEdit } = useSite()
const tabs = computed(() =>
  [
    { name: 'comments', title: 'Moderation', path: '', shown: true },
    { name: 'threads', title: 'Threads', path: '/threads', shown: true },
    { name: 'comment-rules', title: 'Rules', path: '/rules', shown: mayEdit.value },
    { name: 'comment-filter', title: 'Spam filter', path: '/filter', shown: true },
    { name: 'comment-marks', title: 'Banned and trusted', path: '/marks', shown: true },
    { name: 'comment-record', title: 'Moderation log', path: '/record', shown: true },
    { name: 'comment-notices', title: 'Notifications', path: '/notices', shown: true },
    { name: 'comment-settings', title: 'Comment settings', path: '/settings', shown: mayEdit.value },
  ]
    .filter((tab) => tab.shown)
    .map((tab) => ({ ...tab, to: `/s/${id.value}/comments${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" label="Comments" />
</template>
