<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../api'
import { AskButton, useAct, useRefresh } from '../shared'
import InvitePart from './InvitePart.vue'
import { roles } from './roles'
import { t } from './texts'

const props = defineProps<{ siteId: number; isOwner: boolean }>()
const path = () => ({ site: props.siteId })
const { data: members } = useQuery({
  queryKey: ['members', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/people', { params: { path: path() } })),
})
const { trouble, fields, run } = useAct()
const reload = useRefresh('members', 'acts')

async function change(member: Schemas['MemberView'], role: Schemas['SiteRole']): Promise<void> {
  await run(() =>
    take(
      api.PUT('/api/sites/{site}/people/{person}', {
        params: { path: { ...path(), person: member.personId } },
        body: { role },
      }),
    ),
  )
  trouble.value ||= fields.value.role?.[0] ?? ''
  await reload()
}

async function remove(member: Schemas['MemberView']): Promise<void> {
  await run(() =>
    take(api.DELETE('/api/sites/{site}/people/{person}', { params: { path: { ...path(), person: member.personId } } })),
  )
  trouble.value ||= fields.value.person?.[0] ?? ''
  await reload()
}
</script>

<template>
  <section>
    <h2 class="group">{{ t('team') }}</h2>
    <table class="ruled">
      <tbody>
        <tr v-for="member in members" :key="member.personId">
          <td>
            <span class="t">{{ member.name }}</span><br /><span class="soft small">{{ member.mail }}</span>
          </td>
          <td class="role">
            <v-select
              :model-value="member.role"
              :items="roles"
              density="compact"
              :disabled="!props.isOwner"
              :aria-label="t('roleName', { name: member.name })"
              @update:model-value="change(member, $event)"
            />
          </td>
          <td>
            <AskButton
              v-if="props.isOwner"
              class="link quiet remove"
              :title="t('removeFromTeamAsk', { name: member.name })"
              :text="t('removeFromTeamMeans')"
              :button="t('removeFromTeam')"
              :act="() => remove(member)"
              >{{ t('removeFromTeam') }}</AskButton
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <InvitePart v-if="props.isOwner" :site-id="props.siteId" />
  </section>
</template>

<style scoped>
.remove {
  white-space: nowrap;
}
.role {
  width: 170px;
  min-width: 138px;
}
td {
  overflow-wrap: anywhere;
}
/* A name and an address need the whole width of a phone. */
@media (max-width: 560px) {
  tr {
    display: grid;
    grid-template-columns: 170px auto;
    align-items: center;
    border-bottom: 1px solid var(--hair);
    padding: 10px 0;
  }
  .ruled td {
    border: 0;
    padding: 3px 0;
  }
  .ruled td:first-child {
    grid-column: 1 / -1;
  }
  .remove {
    padding-left: 14px;
  }
}
</style>
