<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { currentPerson, readSession } from '../accounts'
import { api, take } from '../api'
import { useTheme, type ThemeChoice } from '../styles'
import { t } from './texts'
import { language, languages, speak } from '../texts'

const props = defineProps<{ siteId: number }>()
const emit = defineEmits<{ keys: [] }>()
const person = currentPerson()
const initials = computed(() =>
  (person?.name ?? '')
    .split(' ')
    .map((word) => word[0])
    .join('')
    .slice(0, 2)
    .toUpperCase(),
)
const { choice } = useTheme()
const themes: [ThemeChoice, string][] = [
  ['system', t('matchSystem')],
  ['light', t('light')],
  ['dark', t('dark')],
]
const router = useRouter()
const queries = useQueryClient()

async function signOut(): Promise<void> {
  await take(api.DELETE('/api/session'))
  await readSession(true)
  queries.clear()
  await router.push('/sign-in')
}
</script>

<template>
  <v-menu location="bottom end">
    <template #activator="{ props: menu }">
      <button v-bind="menu" class="plain-key" :aria-label="t('nameAccountThemeSign', { name: person?.name })">
        {{ initials }}
      </button>
    </template>
    <v-list min-width="220">
      <v-list-item :title="person?.name" :subtitle="person?.mail" />
      <v-divider />
      <v-list-item :to="`/s/${props.siteId}/account`" :title="t('apiTokens')" />
      <v-list-item :title="t('keyboardShortcuts')" @click="emit('keys')"
        ><template #append><kbd>?</kbd></template></v-list-item
      >
      <v-divider />
      <v-list-item
        v-for="[value, name] in themes"
        :key="value"
        :title="name"
        :active="choice === value"
        role="menuitemradio"
        :aria-checked="choice === value"
        @click="choice = value"
      />
      <v-divider />
      <v-list-item
        v-for="(name, value) in languages"
        :key="value"
        :title="name"
        :lang="value"
        :active="language === value"
        role="menuitemradio"
        :aria-checked="language === value"
        @click="speak(value)"
      />
      <v-divider />
      <v-list-item :title="t('signOut')" @click="signOut" />
    </v-list>
  </v-menu>
</template>
