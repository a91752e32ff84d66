<script setup lang="ts">
import type { Schemas } from '../api'
import { useSites } from '../shared'
import { t } from './texts'

const props = defineProps<{ site: Schemas['SiteView'] | undefined }>()
const { data: sites } = useSites()
</script>

<template>
  <v-menu location="bottom center">
    <template #activator="{ props: menu }">
      <button v-bind="menu" class="site-switch" :aria-label="t('siteNameSwitchSite', { name: props.site?.name ?? '' })">
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
      <v-list-item v-if="props.site" :to="`/s/${props.site.id}/settings`" :title="t('siteSettings')" />
      <v-list-item to="/sites/new" :title="t('addSite')" />
    </v-list>
  </v-menu>
</template>
