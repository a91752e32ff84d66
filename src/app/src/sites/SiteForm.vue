<script setup lang="ts">
import type { Schemas } from '../api'

const site = defineModel<Schemas['SiteRequest']>({ required: true })
const props = defineProps<{ fields: Record<string, string[]>; detailed?: boolean }>()
const zones = ['Etc/UTC', ...Intl.supportedValuesOf('timeZone')]
const languages = [
  { value: 'en-GB', title: 'English (Britain)' },
  { value: 'en', title: 'English' },
  { value: 'de', title: 'German' },
  { value: 'fr', title: 'French' },
]
const addressProblems = () =>
  Object.entries(props.fields)
    .filter(([name]) => name.startsWith('allowedAddresses'))
    .flatMap(([, messages]) => messages)
</script>

<template>
  <v-text-field v-model="site.name" label="Name of the site" name="name" :error-messages="props.fields.name" />
  <v-text-field
    v-model="site.address"
    label="Home page address"
    name="address"
    placeholder="https://www.site.example/"
    :error-messages="props.fields.address"
  />
  <v-autocomplete v-model="site.timeZone" :items="zones" label="Time zone" :error-messages="props.fields.timeZone" />
  <v-select v-model="site.language" :items="languages" label="Language" :error-messages="props.fields.language" />
  <v-textarea
    v-if="props.detailed"
    :model-value="site.allowedAddresses?.join('\n')"
    label="Allowed domains (one per line)"
    hint="Pages on these domains can show this site’s listings and comments. The site’s own domain is always allowed."
    persistent-hint
    :error-messages="addressProblems()"
    @update:model-value="
      site.allowedAddresses = $event
        .split('\n')
        .map((line: string) => line.trim())
        .filter(Boolean)
    "
  />
</template>
