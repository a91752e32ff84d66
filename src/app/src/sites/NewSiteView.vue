<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, type Schemas, take } from '../api'
import { AloneView, useAct } from '../shared'
import SiteForm from './SiteForm.vue'

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
  <AloneView title="Add your website" sentence="Enter the website you already have. Next you connect its blog.">
    <form class="form" novalidate @submit.prevent="register">
      <SiteForm v-model="site" :fields="fields" />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running">Add site</v-btn>
    </form>
  </AloneView>
</template>
