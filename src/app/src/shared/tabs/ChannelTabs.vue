<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import TabBar from './TabBar.vue'
import { useSite } from '../useSite'
import { t } from '../texts'

const { id } = useSite()
const route = useRoute()
const tabs = computed(() =>
  [
    { name: 'channels', title: t('timeline'), path: '' },
    { name: route.name === 'digest' ? 'digest' : 'channel-mail', title: t('email'), path: '/mail' },
    { name: 'arrivals', title: t('trafficSources'), path: '/arrivals' },
    { name: 'channel-set-up', title: t('manageChannels'), path: '/set-up' },
  ].map((tab) => ({ ...tab, to: `/s/${id.value}/channels${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" :label="t('channels')" />
</template>
