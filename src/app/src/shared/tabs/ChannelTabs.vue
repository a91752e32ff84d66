<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import TabBar from './TabBar.vue'
import { useSite } from '../useSite'

const { id } = useSite()
const route = useRoute()
const tabs = computed(() =>
  [
    { name: 'channels', title: 'Time line', path: '' },
    { name: route.name === 'digest' ? 'digest' : 'channel-mail', title: 'Mail', path: '/mail' },
    { name: 'arrivals', title: 'What brought readers', path: '/arrivals' },
    { name: 'channel-set-up', title: 'Set up', path: '/set-up' },
  ].map((tab) => ({ ...tab, to: `/s/${id.value}/channels${tab.path}` })),
)
</script>

<template>
  <TabBar :tabs="tabs" label="Around channels" />
</template>
