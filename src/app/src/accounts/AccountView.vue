<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { CopyButton, PageTitle, useAct, useNotice, WhenText } from '../shared'

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
  say(`Token “${token.name}” revoked.`)
  await queries.invalidateQueries({ queryKey: ['tokens'] })
}
</script>

<template>
  <PageTitle title="API tokens"
    ><template #state>Programs sign in with a token. A token has the same permissions as you.</template></PageTitle
  >
  <div class="work">
    <form class="row make" novalidate @submit.prevent="make">
      <v-text-field v-model="name" label="Token name" :error-messages="fields.name" />
      <v-btn type="submit" :loading="running">Create token</v-btn>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="made" class="hint">
      Copy the token “{{ made.name }}” now. You won’t be able to see it again.
      <div class="row">
        <code>{{ made.token }}</code><CopyButton :text="made.token" label="Copy the token" />
      </div>
    </div>
    <table v-if="tokens?.length" class="ruled">
      <thead>
        <tr>
          <th>Name</th>
          <th>Created</th>
          <th>Last used</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="token in tokens" :key="token.id">
          <td>{{ token.name }}</td>
          <td><WhenText :at="token.createdAt" /></td>
          <td><WhenText :at="token.lastUsedAt" /></td>
          <td><button class="link back" @click="revoke(token)">Revoke</button></td>
        </tr>
      </tbody>
    </table>
    <p v-else class="soft">No tokens yet. Create one for a script or another program.</p>
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
