<script setup lang="ts">
import type { Schemas } from '../api'
import { t } from './texts'

const site = defineModel<Schemas['SiteRequest']>({ required: true })
const props = defineProps<{ fields: Record<string, string[]>; detailed?: boolean }>()
const zones = ['Etc/UTC', ...Intl.supportedValuesOf('timeZone')]
const languages = [
  { value: 'en-GB', title: t('englishBritain') },
  { value: 'en', title: t('english') },
  { value: 'de', title: t('german') },
  { value: 'fr', title: t('french') },
]
const addressProblems = () =>
  Object.entries(props.fields)
    .filter(([name]) => name.startsWith('allowedAddresses'))
    .flatMap(([, messages]) => messages)
</script>

<template>
  <v-text-field v-model="site.name" :label="t('nameSite')" name="name" :error-messages="props.fields.name" />
  <v-text-field
    v-model="site.address"
    :label="t('homePageAddress')"
    name="address"
    placeholder="https://www.site.example/"
    :error-messages="props.fields.address"
  />
  <v-autocomplete
    v-model="site.timeZone"
    :items="zones"
    :label="t('timeZone')"
    :error-messages="props.fields.timeZone"
  />
  <v-select v-model="site.language" :items="languages" :label="t('language')" :error-messages="props.fields.language" />
  <v-textarea
    v-if="props.detailed"
    :model-value="site.allowedAddresses?.join('\n')"
    :label="t('allowedDomainsOnePer')"
    :hint="t('pagesTheseDomainsCan')"
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
