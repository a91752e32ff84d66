<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import TabBar from './TabBar.vue'
import { useSite } from '../useSite'

const { id } = useSite()
const route = useRoute()
const tabs = computed(() =>
  [
    { name: 'channels', title: 'Timeline', path: '' },
    { name: route.name === 'digest' ? 'digest' : 'channel-mail', title: 'Email', path: '/mail' },
    { name: 'arrivals', title: 'Traffic sources', path: '/arrivals' },
    { name: 'channel-set-up', title: 'Manage channels', path: '/set-up' },
  ].map((tab) => ({ ...tab, to: `/s/${id.value}/channels${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" label="Channels" />
</template>
