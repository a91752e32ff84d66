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
  say(`The token “${token.name}” no longer works.`)
  await queries.invalidateQueries({ queryKey: ['tokens'] })
}
</script>

<template>
  <PageTitle title="Tokens for scripts"
    ><template #state>A script sends one as “Authorization: Bearer …” and may do what you may do.</template></PageTitle
  >
  <div class="work">
    <form class="row make" novalidate @submit.prevent="make">
      <v-text-field v-model="name" label="What is the token for?" :error-messages="fields.name" />
      <v-btn type="submit" :loading="running">Make a token</v-btn>
    </form>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="made" class="hint">
      Copy the token for “{{ made.name }}” now; it is shown this once.
      <div class="row">
        <code>{{ made.token }}</code><CopyButton :text="made.token" label="Copy the token" />
      </div>
    </div>
    <table v-if="tokens?.length" class="ruled">
      <thead>
        <tr>
          <th>For</th>
          <th>Made</th>
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
    <p v-else class="soft">You have no tokens.</p>
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
