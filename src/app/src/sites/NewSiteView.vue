<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { AloneView, useAct } from '../shared'
import SiteForm from './SiteForm.vue'
import { t } from './texts'

const site = ref<Schemas['SiteRequest']>({
  name: '',
  address: '',
  timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone || 'Etc/UTC',
  language: 'en-GB',
  allowedAddresses: null,
})
const { running, trouble, fields, run } = useAct()
const queries = useQueryClient()
const router = useRouter()

async function register(): Promise<void> {
  const made = await run(() => take(api.POST('/api/sites', { body: site.value })))
  if (!made) return
  await queries.invalidateQueries({ queryKey: ['sites'] })
  await router.push(`/s/${made.id}/connect`)
}
</script>

<template>
  <AloneView :title="t('addWebsite')" :sentence="t('enterWebsiteAlreadyHave')">
    <form class="form" novalidate @submit.prevent="register">
      <SiteForm v-model="site" :fields="fields" />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running">{{ t('addSite') }}</v-btn>
    </form>
  </AloneView>
</template>
