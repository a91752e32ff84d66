<script setup lang="ts">
import type { Schemas } from '../api'
import { useSites } from '../shared'

const props = defineProps<{ site: Schemas['SiteView'] | undefined }>()
const { data: sites } = useSites()
</script>

<template>
  <v-menu location="bottom center">
    <template #activator="{ props: menu }">
      <button v-bind="menu" class="site-switch" :aria-label="`Site: ${props.site?.name ?? ''}. Switch site`">
        <b /><span>{{ props.site?.name ?? '…' }}</span>
      </button>
    </template>
    <v-list min-width="260">
      <v-list-item
        v-for="one in sites"
        :key="one.id"
        :to="`/s/${one.id}`"
        :title="one.name"
        :subtitle="one.address"
        :active="one.id === props.site?.id"
      />
      <v-divider />
      <v-list-item v-if="props.site" :to="`/s/${props.site.id}/settings`" title="Site settings" />
      <v-list-item to="/sites/new" title="Add a site" />
    </v-list>
  </v-menu>
</template>
