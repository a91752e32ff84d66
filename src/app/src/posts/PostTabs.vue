<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useSite } from '../sites/useSite'

const { id, mayEdit, mayWrite } = useSite()
const route = useRoute()
const tabs = computed(() =>
  [
    { name: 'posts', title: 'List', path: '', shown: true },
    { name: 'calendar', title: 'Calendar', path: '/calendar', shown: true },
    { name: 'pictures', title: 'Pictures', path: '/pictures', shown: mayWrite.value },
    { name: 'terms', title: 'Categories, tags, authors', path: '/terms', shown: mayEdit.value },
    { name: 'pages', title: 'Own pages', path: '/pages', shown: mayEdit.value },
    { name: 'imports', title: 'Bring in, take out', path: '/bring-in', shown: mayEdit.value },
  ].filter((tab) => tab.shown),
)
const bar = ref<HTMLElement>()
// On a phone the bar is longer than the screen; where one is must be in sight.
watch([bar, tabs], () => bar.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' }), { flush: 'post' })
</script>

<template>
  <nav ref="bar" class="tabs inset" aria-label="Around posts">
    <router-link
      v-for="tab in tabs"
      :key="tab.name"
      :to="`/s/${id}/posts${tab.path}`"
      :class="{ on: route.name === tab.name }"
      :aria-current="route.name === tab.name ? 'page' : undefined"
      >{{ tab.title }}</router-link
    >
  </nav>
</template>
