<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { AskButton, CopyButton, PageTitle, WhenText, useAct, useNotice } from '../shared'
import { t } from './texts'

const queries = useQueryClient()
const { data: tokens } = useQuery({ queryKey: ['tokens'], queryFn: () => take(api.GET('/api/tokens')) })
const name = ref('')
const made = ref<Schemas['NewTokenView'] | null>(null)
const { running, fields, trouble, run } = useAct()
const { say } = useNotice()

async function make(): Promise<void> {
  const token = await run(() => take(api.POST('/api/tokens', { body: { name: name.value } })))
  if (!token) return
  made.value = token
  name.value = ''
  await queries.invalidateQueries({ queryKey: ['tokens'] })
}

async function revoke(token: Schemas['TokenView']): Promise<void> {
  await run(() => take(api.DELETE('/api/tokens/{token}', { params: { path: { token: token.id } } })))
  say(t('tokenNameRevoked', { name: token.name }))
  await queries.invalidateQueries({ queryKey: ['tokens'] })
}
</script>

<template>
  <PageTitle :title="t('apiTokens')"
    ><template #state>{{ t('programsSignTokenToken') }}</template></PageTitle
  >
  <div class="work">
    <form class="row make" novalidate @submit.prevent="make">
      <v-text-field v-model="name" :label="t('tokenName')" :error-messages="fields.name" />
      <v-btn type="submit" :loading="running">{{ t('createToken') }}</v-btn>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="made" class="hint">
      {{ t('copyTokenNameNow', { name: made.name }) }}
      <div class="row">
        <code>{{ made.token }}</code><CopyButton :text="made.token" :label="t('copyToken')" />
      </div>
    </div>
    <table v-if="tokens?.length" class="ruled">
      <thead>
        <tr>
          <th>{{ t('name') }}</th>
          <th>{{ t('created') }}</th>
          <th>{{ t('lastUsed') }}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="token in tokens" :key="token.id">
          <td>{{ token.name }}</td>
          <td><WhenText :at="token.createdAt" /></td>
          <td><WhenText :at="token.lastUsedAt" /></td>
          <td>
            <AskButton
              class="link quiet"
              :title="t('revokeAsk', { name: token.name })"
              :text="t('revokeMeans')"
              :button="t('revoke')"
              :act="() => revoke(token)"
              >{{ t('revoke') }}</AskButton
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft">{{ t('noTokensYetCreate') }}</p>
  </div>
</template>

<style scoped>
.make {
  max-width: 40rem;
  align-items: flex-start;
  margin-bottom: 14px;
}
.make > :first-child {
  flex: 1;
}
</style>
