<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { api, type Schemas, take } from '../../api'
import { useTerms } from '../../shared'
import type { FormDraft } from './useSignUpForm'

/** What a form asks and says, in the order people ask. */
const draft = defineModel<FormDraft>({ required: true })
const props = defineProps<{ siteId: number; problems: Record<string, string[]>; version: number | undefined }>()
const shapes: { value: Schemas['SignUpShape']; title: string }[] = [
  { value: 'inline', title: 'In the page, where its snippet is' },
  { value: 'bar', title: 'A bar at the foot, once the reader scrolls' },
  { value: 'panel', title: 'A panel, near the end of the page' },
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
    <h2 class="group">How does it stand there?</h2>
    <v-select v-model="draft.settings.shape" :items="shapes" label="Shape" />
    <v-select
      v-model="draft.lookId"
      :items="[
        { value: null, title: 'As the page around it' },
        ...(looks ?? []).map((one) => ({ value: one.id, title: one.name })),
      ]"
      label="Look"
      :error-messages="problem('lookId')"
    />
    <h2 class="group">What does it say?</h2>
    <v-text-field v-model="draft.settings.title" label="Heading" :error-messages="problem('title')" />
    <v-textarea
      v-model="draft.settings.text"
      label="Words below it"
      rows="2"
      auto-grow
      :error-messages="problem('text')"
    />
    <v-text-field
      v-model="draft.settings.button"
      label="Button"
      placeholder="In the site’s language"
      persistent-placeholder
      :error-messages="problem('button')"
    />
    <v-text-field
      v-model="draft.settings.thanks"
      label="Said after sending"
      placeholder="Please look into your mail …"
      persistent-placeholder
      :error-messages="problem('thanks')"
    />
    <h2 class="group">What does it ask?</h2>
    <v-checkbox v-model="draft.settings.asksName" label="A name, which may stay empty" density="compact" hide-details />
    <v-select
      v-model="draft.settings.categories"
      :items="terms?.categories ?? []"
      label="Categories to choose from"
      multiple
      chips
      clearable
      placeholder="None; everybody gets everything"
      persistent-placeholder
      :error-messages="problem('categories')"
    />
    <v-select
      v-model="draft.settings.digests"
      :items="(digests ?? []).map((one) => ({ value: one.id, title: one.name }))"
      label="Digests to choose from"
      multiple
      chips
      clearable
      placeholder="None; the usual ones"
      persistent-placeholder
    />
    <v-textarea
      v-model="draft.settings.consent"
      label="What they agree to, with a box to tick"
      rows="2"
      auto-grow
      placeholder="Nothing beyond the mail that asks back"
      persistent-placeholder
      :hint="props.version ? `Wording ${props.version}. A change makes a new one; who agreed before keeps theirs.` : ''"
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
