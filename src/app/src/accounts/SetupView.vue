<script setup lang="ts">
import { reactive } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, take } from '../api'
import { AloneView, useAct } from '../shared'
import { readSession } from './readSession'

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
  <AloneView
    title="Create the owner account"
    sentence="This installation is new. Whoever creates the first account becomes its owner."
  >
    <form class="form narrow" novalidate @submit.prevent="setUp">
      <v-text-field
        v-model="owner.name"
        label="Your name"
        name="name"
        autocomplete="name"
        autofocus
        :error-messages="fields.name"
      />
      <v-text-field
        v-model="owner.mail"
        label="Email address"
        type="email"
        name="mail"
        autocomplete="username"
        :error-messages="fields.mail"
      />
      <v-text-field
        v-model="owner.password"
        label="Password"
        type="password"
        name="password"
        autocomplete="new-password"
        hint="At least ten characters; a short sentence is easiest to keep in mind."
        persistent-hint
        :error-messages="fields.password"
      />
      <v-text-field
        v-model="owner.key"
        label="Set-up key"
        name="key"
        autocomplete="off"
        hint="It is in the server’s log, and in the file setup-key in its data folder."
        persistent-hint
        :error-messages="fields.key"
      />
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <v-btn type="submit" :loading="running" block>Create account</v-btn>
    </form>
  </AloneView>
</template>
