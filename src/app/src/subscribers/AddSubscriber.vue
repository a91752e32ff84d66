<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { reactive } from 'vue'
import { api, take } from '../api'
import { useAct, useNotice } from '../shared'
import { t } from './texts'

const props = defineProps<{ siteId: number }>()
const person = reactive({ mail: '', name: '', reason: '' })
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const queries = useQueryClient()

async function add(): Promise<void> {
  const body = { mail: person.mail, name: person.name || null, reason: person.reason || null }
  const done = await run(
    async () => (
      await take(api.POST('/api/sites/{site}/subscribers', { params: { path: { site: props.siteId } }, body })),
      true
    ),
  )
  if (!done) return
  say(t('mailAdded', { mail: person.mail }))
  Object.assign(person, { mail: '', name: '', reason: '' })
  await queries.invalidateQueries({ queryKey: ['subscribers'] })
}
</script>

<template>
  <form class="add" novalidate @submit.prevent="add">
    <v-text-field v-model="person.mail" :label="t('emailAddress')" name="mail" :error-messages="fields.mail" />
    <v-text-field v-model="person.name" :label="t('nameOptional')" name="name" :error-messages="fields.name" />
    <v-text-field v-model="person.reason" :label="t('consentNote')" name="reason" :error-messages="fields.reason" />
    <v-btn type="submit" height="48" :loading="running">{{ t('addSubscriber') }}</v-btn>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  </form>
</template>

<style scoped>
.add {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr auto;
  gap: 12px;
  max-width: 56rem;
  margin-bottom: 14px;
}
@media (max-width: 860px) {
  .add {
    grid-template-columns: 1fr;
  }
}
</style>
