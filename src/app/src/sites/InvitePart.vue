<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { reactive } from 'vue'
import { api, take, type Schemas } from '../api/client'
import WhenText from '../shared/WhenText.vue'
import { useAct } from '../shared/useAct'
import { useNotice } from '../shared/useNotice'

/** Asking people by mail to join the team, and who has not answered yet. */
const props = defineProps<{ siteId: number; roles: { value: Schemas['SiteRole']; title: string }[] }>()
const path = () => ({ site: props.siteId })
const queries = useQueryClient()
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const person = reactive<Schemas['InvitationRequest']>({ mail: '', role: 'contributor' })
const { data } = useQuery({
  queryKey: ['invitations', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/invitations', { params: { path: path() } })),
})
const reload = () => queries.invalidateQueries({ queryKey: ['invitations'] })

async function invite(asked: Schemas['InvitationRequest']): Promise<void> {
  const done = await run(async () => (await take(api.POST('/api/sites/{site}/invitations', { params: { path: path() }, body: asked })), true))
  if (!done) return
  say(`An invitation is on its way to ${asked.mail}.`)
  person.mail = ''
  await reload()
}

async function takeBack(one: Schemas['InvitationView']): Promise<void> {
  await run(() => take(api.DELETE('/api/sites/{site}/invitations/{invitation}', { params: { path: { ...path(), invitation: one.id } } })))
  say(`The link sent to ${one.mail} no longer works.`, () => invite(one))
  await reload()
}
</script>

<template>
  <form class="invite" novalidate @submit.prevent="invite({ ...person })">
    <v-text-field v-model="person.mail" label="Mail address" type="email" name="invite" :error-messages="fields.mail" />
    <v-select v-model="person.role" :items="props.roles" label="Role" />
    <v-btn type="submit" height="48" :loading="running">Invite</v-btn>
  </form>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <ul v-if="data?.length" aria-label="Invited, not here yet">
    <li v-for="one in data" :key="one.id">
      <span>
        {{ one.mail }} <span class="soft small">as {{ one.role }}, asked <WhenText :at="one.createdAt" /></span>
      </span>
      <span class="row small">
        <button type="button" class="link" @click="invite(one)">Ask again</button>
        <button type="button" class="link back" @click="takeBack(one)">Take it back</button>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.invite {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 172px auto;
  gap: 12px;
  margin-top: 18px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 14px;
  border-bottom: 1px solid var(--hair);
  padding: 8px 0;
  overflow-wrap: anywhere;
}
@media (max-width: 560px) {
  .invite {
    grid-template-columns: 1fr;
  }
}
</style>
