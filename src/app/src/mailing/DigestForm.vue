<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, take } from '../api'
import { ChoiceFields } from '../shared'
import OriginFields from './OriginFields.vue'
import { days, everies, forms, orders } from './rhythm'
import type { useDigest } from './useDigest'
import { t } from './texts'

/** How a digest works, in the order people ask. */
const props = defineProps<{ digest: ReturnType<typeof useDigest>; siteId: number; mayEdit: boolean }>()
const draft = computed(() => props.digest.form)
const settings = computed(() => props.digest.form.settings)
const problem = (name: string) => props.digest.fields.value[name]
const path = () => ({ params: { path: { site: props.siteId } } })
const { data: segments } = useQuery({
  queryKey: ['segments', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/segments', path())),
})
const audience = computed(() => [
  { value: null, title: t('allSubscribersDigest') },
  ...(segments.value ?? []).map((one) => ({ value: one.id, title: `${one.name} (${one.size})` })),
])
const isTimed = computed(() => settings.value.rhythm.every !== 'post')
const hasTrial = computed({
  get: () => settings.value.secondSubject !== null,
  set: (on) => (settings.value.secondSubject = on ? settings.value.subject : null),
})
const subjectFields = ['title', 'more', 'count', 'site', 'date', 'blog', 'author', 'category']
</script>

<template>
  <form class="digest" novalidate @submit.prevent>
    <v-text-field
      v-model="draft.name"
      :label="t('name')"
      :hint="t('shownSubscribersTheirPreferences')"
      :error-messages="problem('name')"
      :readonly="!props.mayEdit"
    />
    <h2 class="group">{{ t('whenDoesGoOut') }}</h2>
    <v-select v-model="settings.rhythm.every" :items="everies" :label="t('frequency')" />
    <div v-if="isTimed" class="pair">
      <v-select v-if="settings.rhythm.every === 'week'" v-model="settings.rhythm.day" :items="days" :label="t('day')" />
      <v-text-field
        v-if="settings.rhythm.every === 'month'"
        v-model.number="settings.rhythm.dayOfMonth"
        type="number"
        min="1"
        max="31"
        :label="t('onDay')"
        :error-messages="problem('dayOfMonth')"
      />
      <v-text-field
        :model-value="settings.rhythm.at.slice(0, 5)"
        type="time"
        :label="t('timeSiteTimeZone')"
        @update:model-value="settings.rhythm.at = $event ? `${$event}:00` : settings.rhythm.at"
      />
    </div>
    <v-text-field
      v-if="isTimed"
      v-model.number="settings.least"
      type="number"
      min="1"
      max="50"
      :label="t('minimumNumberPosts')"
      :suffix="t('newPosts')"
      :error-messages="problem('least')"
    />
    <h2 class="group">{{ t('whichPosts') }}</h2>
    <ChoiceFields v-model="settings.choice" :site-id="props.siteId" :readonly="!props.mayEdit" />
    <OriginFields :site-id="props.siteId" :draft="draft" :may-edit="props.mayEdit" />
    <div v-if="isTimed" class="pair">
      <v-text-field
        v-model.number="settings.most"
        type="number"
        min="1"
        max="50"
        :label="t('postsShownFull')"
        :suffix="t('posts2')"
        :hint="t('restListedTitles')"
        persistent-hint
        :error-messages="problem('most')"
      />
      <v-select v-model="settings.order" :items="orders" :label="t('order')" />
    </div>
    <h2 class="group">{{ t('whoGets') }}</h2>
    <v-select
      v-model="draft.segmentId"
      :items="audience"
      :label="t('recipients')"
      :error-messages="problem('segmentId')"
    />
    <v-switch v-model="draft.isUsual" :label="t('includeSubscribersWhoHave')" />
    <h2 class="group">{{ t('whatDoesSubjectSay') }}</h2>
    <v-text-field
      v-model="settings.subject"
      :label="t('subject')"
      name="subject"
      :error-messages="problem('subject')"
    />
    <p class="small soft fields">
      <button
        v-for="field in subjectFields"
        :key="field"
        type="button"
        class="chip"
        @click="settings.subject += `{${field}}`"
      >
        {{ field }}
      </button>
    </p>
    <v-switch v-model="hasTrial" :label="t('testSecondSubjectLine')" />
    <div v-if="hasTrial" class="pair">
      <v-text-field
        v-model="settings.secondSubject"
        :label="t('secondSubject')"
        :error-messages="problem('secondSubject')"
      />
      <v-text-field
        v-model.number="settings.trialShare"
        type="number"
        min="1"
        max="99"
        :label="t('shareRecipients')"
        suffix="%"
        :error-messages="problem('trialShare')"
      />
    </div>
    <h2 class="group">{{ t('appearance') }}</h2>
    <v-select v-model="settings.form" :items="forms" :label="t('postFormat')" />
    <v-textarea
      v-model="settings.opening"
      :label="t('introduction')"
      rows="2"
      auto-grow
      :error-messages="problem('opening')"
    />
    <v-textarea
      v-model="settings.closing"
      :label="t('footerText')"
      :placeholder="t('postalAddressOpeningHours')"
      rows="2"
      auto-grow
      :error-messages="problem('closing')"
    />
    <div v-if="settings.form !== 'text'" class="triple">
      <v-text-field
        v-model="settings.colours.paper"
        :label="t('backgroundColour')"
        :placeholder="t('asTheSite')"
        persistent-placeholder
        clearable
        :error-messages="problem('paper')"
      />
      <v-text-field
        v-model="settings.colours.ink"
        :label="t('textColour')"
        :placeholder="t('asTheSite')"
        persistent-placeholder
        clearable
        :error-messages="problem('ink')"
      />
      <v-text-field
        v-model="settings.colours.accent"
        :label="t('links')"
        :placeholder="t('asTheSite')"
        persistent-placeholder
        clearable
        :error-messages="problem('accent')"
      />
    </div>
    <h2 class="group">{{ t('tracking') }}</h2>
    <v-switch v-model="settings.countsClicks" :label="t('countLinkClicksAnonymous')" />
    <v-switch v-model="settings.countsOpens" :label="t('countOpens')" />
    <p v-if="settings.countsOpens" class="small soft note">
      {{ t('opensCountedInvisibleImage') }}
    </p>
  </form>
</template>

<style scoped>
.digest {
  display: grid;
  gap: 10px;
}
.group {
  margin: 16px 0 0;
}
.pair {
  display: grid;
  align-items: start;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.triple {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 10px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  margin: 0;
}
.note {
  border-left: 3px solid var(--ochre);
  padding-left: 10px;
  margin: 0;
}
</style>
