<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../api'
import { useTerms } from '../../shared'
import type { FormDraft } from './useSignUpForm'

/** What a form asks and says, in the order people ask. */
const draft = defineModel<FormDraft>({ required: true })
const props = defineProps<{ siteId: number; problems: Record<string, string[]>; version: number | undefined }>()
const shapes: { value: Schemas['SignUpShape']; title: string }[] = [
  { value: 'inline', title: 'Inline' },
  { value: 'bar', title: 'Bar at the bottom (after scrolling)' },
  { value: 'panel', title: 'Slide-in panel (near the end)' },
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
      label="Name"
      placeholder="What your team calls it"
      :error-messages="problem('name')"
    />
    <h2 class="group">Display</h2>
    <v-select v-model="draft.settings.shape" :items="shapes" label="Shape" />
    <v-select
      v-model="draft.lookId"
      :items="[
        { value: null, title: 'Match the page' },
        ...(looks ?? []).map((one) => ({ value: one.id, title: one.name })),
      ]"
      label="Style"
      :error-messages="problem('lookId')"
    />
    <h2 class="group">What does it say?</h2>
    <v-text-field v-model="draft.settings.title" label="Heading" :error-messages="problem('title')" />
    <v-textarea v-model="draft.settings.text" label="Text" rows="2" auto-grow :error-messages="problem('text')" />
    <v-text-field
      v-model="draft.settings.button"
      label="Button text"
      placeholder="In the site’s language"
      persistent-placeholder
      :error-messages="problem('button')"
    />
    <v-text-field
      v-model="draft.settings.thanks"
      label="Confirmation message"
      placeholder="Please check your inbox …"
      persistent-placeholder
      :error-messages="problem('thanks')"
    />
    <h2 class="group">Fields</h2>
    <v-checkbox v-model="draft.settings.asksName" label="Name (optional)" density="compact" hide-details />
    <v-select
      v-model="draft.settings.categories"
      :items="terms?.categories ?? []"
      label="Offer categories"
      multiple
      chips
      clearable
      placeholder="None (everyone gets all posts)"
      persistent-placeholder
      :error-messages="problem('categories')"
    />
    <v-select
      v-model="draft.settings.digests"
      :items="(digests ?? []).map((one) => ({ value: one.id, title: one.name }))"
      label="Offer digests"
      multiple
      chips
      clearable
      placeholder="None (default digests)"
      persistent-placeholder
    />
    <v-textarea
      v-model="draft.settings.consent"
      label="Consent checkbox text"
      rows="2"
      auto-grow
      placeholder="No checkbox (email confirmation only)"
      persistent-placeholder
      :hint="
        props.version ? `Version ${props.version}. Changes create a new version; earlier consents keep theirs.` : ''
      "
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
