<script setup lang="ts">
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, take } from '../api'
import { AloneView, useAct } from '../shared'
import { readSession } from './readSession'
import { t } from './texts'

const route = useRoute()
const owner = reactive({
  name: '',
  mail: '',
  password: '',
  key: typeof route.query.key === 'string' ? route.query.key : '',
})
const { running, trouble, fields, run } = useAct()
const router = useRouter()

async function setUp(): Promise<void> {
  await run(async () => {
    await take(api.POST('/api/setup', { body: owner }))
    await readSession(true)
    await router.push('/sites/new')
  })
}
</script>

<template>
  <AloneView :title="t('createOwnerAccount')" :sentence="t('installationNewWhoeverCreates')">
    <form class="form narrow" novalidate @submit.prevent="setUp">
      <v-text-field
        v-model="owner.name"
        :label="t('yourName')"
        name="name"
        autocomplete="name"
        autofocus
        :error-messages="fields.name"
      />
      <v-text-field
        v-model="owner.mail"
        :label="t('emailAddress')"
        type="email"
        name="mail"
        autocomplete="username"
        :error-messages="fields.mail"
      />
      <v-text-field
        v-model="owner.password"
        :label="t('password')"
        type="password"
        name="password"
        autocomplete="new-password"
        :hint="t('leastTenCharactersShortSentence')"
        persistent-hint
        :error-messages="fields.password"
      />
      <v-text-field
        v-model="owner.key"
        :label="t('setUpKey')"
        name="key"
        autocomplete="off"
        :hint="t('serversLogFileSetup')"
        persistent-hint
        :error-messages="fields.key"
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running" block>{{ t('createAccount') }}</v-btn>
    </form>
  </AloneView>
</template>
