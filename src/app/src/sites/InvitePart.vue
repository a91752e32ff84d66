<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { api, type Schemas, take } from '../api'
import { CopyButton, useAct, useNotice, useRefresh, WhenText } from '../shared'
import { roleName, roles } from './roles'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** Asking people by mail to join the team, and who has not answered yet. */
const props = defineProps<{ siteId: number }>()
const path = () => ({ site: props.siteId })
const { running, trouble, fields, run } = useAct()
const { say } = useNotice()
const person = reactive<Schemas['InvitationRequest']>({ mail: '', role: 'contributor' })
const link = ref<Schemas['InvitedLinkView'] | null>(null)
const { data } = useQuery({
  queryKey: ['invitations', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/invitations', { params: { path: path() } })),
})
const reload = useRefresh('invitations', 'acts')

async function invite(asked: Schemas['InvitationRequest']): Promise<void> {
  const made = await run(() =>
    take(api.POST('/api/sites/{site}/invitations', { params: { path: path() }, body: asked })),
  )
  if (!made) return
  link.value = made
  say(t('invitationSentMail', { mail: asked.mail }))
  person.mail = ''
  await reload()
}

async function takeBack(one: Schemas['InvitationView']): Promise<void> {
  await run(() =>
    take(
      api.DELETE('/api/sites/{site}/invitations/{invitation}', { params: { path: { ...path(), invitation: one.id } } }),
    ),
  )
  say(t('invitationMailCancelled', { mail: one.mail }), () => invite({ mail: one.mail, role: one.role }))
  await reload()
}
</script>

<template>
  <form class="invite" novalidate @submit.prevent="invite({ ...person })">
    <v-text-field
      v-model="person.mail"
      :label="t('emailAddress')"
      type="email"
      name="invite"
      :error-messages="fields.mail"
    />
    <v-select v-model="person.role" :items="roles" :label="t('role')" />
    <v-btn type="submit" height="48" :loading="running">{{ t('invite') }}</v-btn>
  </form>
  <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
  <div v-if="link" class="handed" role="status">
    <p class="small soft">
      {{ t('ifEmailDoesNot', { mail: link.mail }) }}
    </p>
    <code>{{ link.link }}</code>
    <CopyButton :text="link.link" :label="t('copyInvitationLink')" />
  </div>
  <ul v-if="data?.length" :aria-label="t('pendingInvitations')">
    <li v-for="one in data" :key="one.id">
      <span>
        {{ one.mail }}
        <span class="soft small"
          ><RichText :of="rich('asRole', { role: roleName(one.role) })"
            ><template #when><WhenText :at="one.createdAt" /></template></RichText
        ></span>
      </span>
      <span class="row small">
        <button type="button" class="link" @click="invite({ mail: one.mail, role: one.role })">
          {{ t('sendAgain') }}
        </button>
        <button type="button" class="link quiet" @click="takeBack(one)">{{ t('cancelInvitation') }}</button>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.handed {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 6px 12px;
  border-bottom: 1px solid var(--hair);
  padding: 14px 0 10px;
}
.handed p {
  grid-column: 1 / -1;
  margin: 0;
}
.handed code {
  font-size: 13px;
  overflow-wrap: anywhere;
}
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
