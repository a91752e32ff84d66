<script setup lang="ts">
import { computed } from 'vue'
import { TabBar, useSite } from '../shared'
import { t } from './texts'

const { id, mayEdit } = useSite()
const tabs = computed(() =>
  [
    { name: 'comments', title: t('moderation'), path: '', shown: true },
    { name: 'threads', title: t('threads'), path: '/threads', shown: true },
    { name: 'comment-rules', title: t('rules'), path: '/rules', shown: mayEdit.value },
    { name: 'comment-filter', title: t('spamFilter'), path: '/filter', shown: true },
    { name: 'comment-marks', title: t('bannedTrusted'), path: '/marks', shown: true },
    { name: 'comment-record', title: t('moderationLog'), path: '/record', shown: true },
    { name: 'comment-notices', title: t('notifications'), path: '/notices', shown: true },
    { name: 'comment-settings', title: t('commentSettings'), path: '/settings', shown: mayEdit.value },
  ]
    .filter((tab) => tab.shown)
    .map((tab) => ({ ...tab, to: `/s/${id.value}/comments${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" :label="t('comments')" />
</template>
