<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api'
import { PostLayer } from '../../../comments'
import WidthMeter from '../sending/WidthMeter.vue'
import { t } from '../../texts'
import { OneOf, TermHelp } from '../../../shared'

/** What search engines and networks are told, and the conversation below the post. */
const details = defineModel<Schemas['PostDetails']>({ required: true })
const props = defineProps<{
  title: string
  excerpt: string
  fields: Record<string, string[]>
  readonly: boolean
  zone: string | undefined
  blogId: number
}>()
const set = (part: Partial<Schemas['PostDetails']>) => (details.value = { ...details.value, ...part })
const isSetting = ref(false)
/** As the site and the blog say, or for this post alone: on even where they say off, or off. */
const taking = computed({
  get: () => (details.value.commentsOff ? 'off' : (details.value.comments?.isOn ?? false) ? 'on' : 'site'),
  set: (to: string) => {
    const kept = details.value.comments ?? ({} as Schemas['CommentSettings'])
    const layer = { ...kept, isOn: to === 'on' ? true : null }
    const says = Object.values(layer).some((value) => value !== null && value !== undefined)
    set({ commentsOff: to === 'off', comments: says ? (layer as Schemas['CommentSettings']) : null })
  },
})
const closes = computed(() => details.value.commentsCloseAt?.slice(0, 10) ?? '')
</script>

<template>
  <details class="fold">
    <summary class="group">{{ t('seoSocial') }}</summary>
    <div class="fields">
      <v-text-field
        :model-value="details.searchTitle"
        :label="t('titleSearchResults')"
        :placeholder="props.title"
        :readonly="props.readonly"
        :error-messages="props.fields['details.searchTitle']"
        @update:model-value="(searchTitle: string) => set({ searchTitle })"
      />
      <WidthMeter :text="details.searchTitle || props.title" kind="title" />
      <v-textarea
        :model-value="details.searchDescription"
        :label="t('descriptionSearchResults')"
        :placeholder="props.excerpt"
        rows="2"
        :readonly="props.readonly"
        :error-messages="props.fields['details.searchDescription']"
        @update:model-value="(searchDescription: string) => set({ searchDescription })"
      />
      <WidthMeter :text="details.searchDescription || props.excerpt" kind="description" />
      <v-text-field
        :model-value="details.socialTitle"
        :label="t('socialTitle')"
        :placeholder="props.title"
        :readonly="props.readonly"
        @update:model-value="(socialTitle: string) => set({ socialTitle })"
      />
      <v-textarea
        :model-value="details.socialText"
        :label="t('socialDescription')"
        rows="2"
        :readonly="props.readonly"
        @update:model-value="(socialText: string) => set({ socialText })"
      >
        <template #append-inner><TermHelp term="socialPreview" /></template>
      </v-textarea>
      <v-text-field
        :model-value="details.canonicalAddress"
        :label="t('canonicalAddress')"
        :readonly="props.readonly"
        :error-messages="props.fields['details.canonicalAddress']"
        @update:model-value="(canonicalAddress: string) => set({ canonicalAddress })"
      >
        <template #append-inner><TermHelp term="canonical" /></template>
      </v-text-field>
      <v-text-field
        :model-value="details.language"
        :label="t('languageIfNotSites')"
        :placeholder="t('deFrCa')"
        :readonly="props.readonly"
        :error-messages="props.fields['details.language']"
        @update:model-value="(language: string) => set({ language })"
      />
      <v-switch
        :model-value="details.hiddenFromSearch"
        :label="t('hideFromSearchEngines')"
        :readonly="props.readonly"
        @update:model-value="(on: boolean | null) => set({ hiddenFromSearch: on === true })"
      />
    </div>
  </details>
  <details class="fold">
    <summary class="group">{{ t('commentsMentions') }}</summary>
    <div class="fields">
      <div class="taking">
        <span class="small soft">{{ t('readersCanComment') }}</span>
        <OneOf
          v-model="taking"
          :label="t('readersCanComment')"
          :disabled="props.readonly ? ['site', 'on', 'off'] : []"
          :choices="[
            ['site', t('sameAsSite')],
            ['on', t('onHere')],
            ['off', t('offHere')],
          ]"
        />
      </div>
      <v-text-field
        v-if="!details.commentsOff"
        type="date"
        :model-value="closes"
        :label="t('closeComments')"
        :readonly="props.readonly"
        @update:model-value="(day: string) => set({ commentsCloseAt: day ? `${day}T00:00:00Z` : null })"
      />
      <p v-if="!details.commentsOff && !props.readonly">
        <button type="button" class="link" @click="isSetting = true">{{ t('commentSettings') }}</button>
      </p>
      <PostLayer
        v-if="isSetting"
        :layer="details.comments ?? null"
        :blog-id="props.blogId"
        @done="(comments) => (set({ comments }), (isSetting = false))"
        @close="isSetting = false"
      />
      <v-switch
        :model-value="!details.mentionsOff"
        :label="t('showMentions')"
        :readonly="props.readonly"
        @update:model-value="(on: boolean | null) => set({ mentionsOff: on !== true })"
      />
    </div>
  </details>
</template>

<style scoped>
.taking {
  display: grid;
  gap: 4px;
}
.fields {
  display: grid;
  gap: 12px;
  padding: 14px 0 10px;
}
</style>
