<script setup lang="ts">
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, take } from '../api'
import { AloneView, useAct } from '../shared'
import { readSession } from './readSession'
import { t } from './texts'

const mail = ref('')
const password = ref('')
const { running, trouble, fields, run } = useAct()
const router = useRouter()
const route = useRoute()

async function signIn(): Promise<void> {
  await run(async () => {
    await take(api.POST('/api/session', { body: { mail: mail.value, password: password.value } }))
    await readSession(true)
    await router.push(String(route.query.to ?? '/'))
  })
}
</script>

<template>
  <AloneView :title="t('signIn')">
    <form class="form narrow" novalidate @submit.prevent="signIn">
      <v-text-field
        v-model="mail"
        :label="t('emailAddress')"
        type="email"
        name="mail"
        autocomplete="username"
        autofocus
        :error-messages="fields.mail"
      />
      <v-text-field
        v-model="password"
        :label="t('password')"
        type="password"
        name="password"
        autocomplete="current-password"
        :error-messages="fields.password"
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running" block>{{ t('signIn') }}</v-btn>
    </form>
  </AloneView>
</template>
