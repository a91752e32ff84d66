<script setup lang="ts">
import { ref, watch } from 'vue'
import { useRoute } from 'vue-router'

export interface Tab {
  /** Name of the route. */
  name: string
  title: string
  to: string
}

const props = defineProps<{ tabs: Tab[]; label: string }>()
const route = useRoute()
const bar = ref<HTMLElement>()
// On a phone the bar is longer than the screen; where one is must be in sight.
watch(
  [bar, () => props.tabs],
  () => bar.value?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' }),
  { flush: 'post' },
)
</script>

<template>
  <nav ref="bar" class="tabs inset" :aria-label="props.label">
    <router-link
      v-for="tab in props.tabs"
      :key="tab.name"
      :to="tab.to"
      :class="{ on: route.name === tab.name }"
      :aria-current="route.name === tab.name ? 'page' : undefined"
      >{{ tab.title }}</router-link
    >
  </nav>
</template>
