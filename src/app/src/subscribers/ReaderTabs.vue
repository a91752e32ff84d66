<script setup lang="ts">
import { computed } from 'vue'
import { TabBar, useSite } from '../shared'
import { t } from './texts'

const { id } = useSite()
const tabs = computed(() =>
  [
    { name: 'readers', title: t('subscribers'), path: '' },
    { name: 'segments', title: t('segments'), path: '/segments' },
    { name: 'sign-up-forms', title: t('signUpForms'), path: '/forms' },
    { name: 'growth', title: t('growth'), path: '/growth' },
    { name: 'questions', title: t('questions'), path: '/questions' },
  ].map((tab) => ({ ...tab, to: `/s/${id.value}/readers${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" :label="t('aroundReaders')" />
</template>
