<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../api'
import { useTerms } from '../../shared'
import type { FormDraft } from './useSignUpForm'
import { t } from '../texts'

/** What a form asks and says, in the order people ask. */
const draft = defineModel<FormDraft>({ required: true })
const props = defineProps<{ siteId: number; problems: Record<string, string[]>; version: number | undefined }>()
const shapes: { value: Schemas['SignUpShape']; title: string }[] = [
  { value: 'inline', title: t('inline') },
  { value: 'bar', title: t('barBottomAfterScrolling') },
  { value: 'panel', title: t('slidePanelNearEnd') },
]
const path = () => ({ params: { path: { site: props.siteId } } })
const { data: terms } = useTerms(() => props.siteId)
const { data: digests } = useQuery({
  queryKey: ['digests', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/digests', path())),
})
const { data: looks } = useQuery({
  queryKey: ['looks', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/looks', path())),
})
const problem = (name: string) => props.problems[name]
</script>

<template>
  <form class="form" novalidate @submit.prevent>
    <v-text-field
      v-model="draft.name"
      :label="t('name')"
      :placeholder="t('whatTeamCalls')"
      :error-messages="problem('name')"
    />
    <h2 class="group">{{ t('display') }}</h2>
    <v-select v-model="draft.settings.shape" :items="shapes" :label="t('shape')" />
    <v-select
      v-model="draft.lookId"
      :items="[
        { value: null, title: t('matchPage') },
        ...(looks ?? []).map((one) => ({ value: one.id, title: one.name })),
      ]"
      :label="t('style')"
      :error-messages="problem('lookId')"
    />
    <h2 class="group">{{ t('whatDoesSay') }}</h2>
    <v-text-field v-model="draft.settings.title" :label="t('heading')" :error-messages="problem('title')" />
    <v-textarea v-model="draft.settings.text" :label="t('text')" rows="2" auto-grow :error-messages="problem('text')" />
    <v-text-field
      v-model="draft.settings.button"
      :label="t('buttonText')"
      :placeholder="t('sitesLanguage')"
      persistent-placeholder
      :error-messages="problem('button')"
    />
    <v-text-field
      v-model="draft.settings.thanks"
      :label="t('confirmationMessage')"
      :placeholder="t('pleaseCheckInbox')"
      persistent-placeholder
      :error-messages="problem('thanks')"
    />
    <h2 class="group">{{ t('fields') }}</h2>
    <v-switch v-model="draft.settings.asksName" :label="t('nameOptional')" />
    <v-select
      v-model="draft.settings.categories"
      :items="terms?.categories ?? []"
      :label="t('offerCategories')"
      multiple
      chips
      clearable
      :placeholder="t('noneEveryoneGetsAll')"
      persistent-placeholder
      :error-messages="problem('categories')"
    />
    <v-select
      v-model="draft.settings.digests"
      :items="(digests ?? []).map((one) => ({ value: one.id, title: one.name }))"
      :label="t('offerDigests')"
      multiple
      chips
      clearable
      :placeholder="t('noneDefaultDigests')"
      persistent-placeholder
    />
    <v-textarea
      v-model="draft.settings.consent"
      :label="t('consentCheckboxText')"
      rows="2"
      auto-grow
      :placeholder="t('noCheckboxEmailConfirmation')"
      persistent-placeholder
      :hint="props.version ? t('versionVersionChangesCreate', { version: props.version }) : ''"
      persistent-hint
      :error-messages="problem('consent')"
    />
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 10px;
}
.group {
  margin: 14px 0 0;
}
</style>
