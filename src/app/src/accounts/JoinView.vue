<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, take } from '../api'
import { AloneView, useAct } from '../shared'
import { roleName } from '../sites'
import { readSession } from './readSession'
import { t } from './texts'

/** Where the link of an invitation leads. */
const route = useRoute()
const router = useRouter()
const key = computed(() => String(route.params.key))
const you = reactive({ name: '', password: '' })
const { running, trouble, fields, run } = useAct()
const { data, error, isPending } = useQuery({
  queryKey: ['invitation', key],
  queryFn: () => take(api.GET('/api/invitations/{key}', { params: { path: { key: key.value } } })),
  retry: false,
})
const sentence = computed(() =>
  data.value
    ? t('byInvitedJoinRole', {
        by: data.value.by ?? t('someone'),
        role: roleName(data.value.role),
        mail: data.value.mail,
      })
    : error.value
      ? t('wasCancelledUsedAlready')
      : t('loadingInvitation'),
)

async function join(): Promise<void> {
  await run(async () => {
    const joined = await take(
      api.POST('/api/invitations/{key}', {
        params: { path: { key: key.value } },
        body: { name: you.name || null, password: you.password },
      }),
    )
    await readSession(true)
    await router.push(`/s/${joined.siteId}`)
  })
}
</script>

<template>
  <AloneView
    :title="
      data ? t('teamSitename', { siteName: data.siteName }) : error ? t('invitationNoLongerValid') : t('anInvitation')
    "
    :sentence="sentence"
  >
    <p v-if="isPending" class="waiting" role="status">{{ t('loading') }}</p>
    <form v-else-if="data" class="form narrow" novalidate @submit.prevent="join">
      <v-text-field
        v-if="!data.hasAccount"
        v-model="you.name"
        :label="t('yourName')"
        name="name"
        autocomplete="name"
        autofocus
        :error-messages="fields.name"
      />
      <v-text-field
        v-model="you.password"
        :label="data.hasAccount ? t('passwordAccount') : t('choosePassword')"
        type="password"
        name="password"
        :autocomplete="data.hasAccount ? 'current-password' : 'new-password'"
        :hint="data.hasAccount ? undefined : t('leastTenCharactersShort')"
        persistent-hint
        :error-messages="fields.password"
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running" block>{{ t('join') }}</v-btn>
    </form>
    <router-link v-else class="link" to="/sign-in">{{ t('signIn') }}</router-link>
  </AloneView>
</template>
