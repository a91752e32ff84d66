<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { QuestionPart } from '../../shared'
import type { ListingLooks } from '../styles/useListingLook'
import type { usePageLook } from '../styles/usePageLook'
import EntryParts from './EntryParts.vue'
import HowItLooks from './HowItLooks.vue'
import HowMany from './HowMany.vue'
import WhichPosts from './WhichPosts.vue'
import type { BuiltListing } from '../useListing'
import { t } from '../texts'

const listing = defineModel<BuiltListing>({ required: true })
const props = defineProps<{
  siteId: number
  blogs: Schemas['BlogView'][]
  preview: Schemas['ListingPreview'] | null
  fields: Record<string, string[]>
  siteAddress: string
  readonly: boolean
  looks: ListingLooks
  page: ReturnType<typeof usePageLook>
}>()
const where = computed(() => listing.value.pageAddress ?? props.siteAddress)
</script>

<template>
  <fieldset :disabled="props.readonly">
    <WhichPosts v-model="listing.definition" :site-id="props.siteId" :blogs="props.blogs" :fields="props.fields" />
    <HowMany v-model="listing.definition" :preview="props.preview" :fields="props.fields" />
    <EntryParts v-model="listing.definition" :site-id="props.siteId" :fields="props.fields" />
    <HowItLooks
      v-model="listing.definition"
      :fields="props.fields"
      :looks="props.looks"
      :page="props.page"
      :preview="props.preview"
      :address="where"
    />
    <QuestionPart :title="t('pagePosition')" :answer="where.replace(/^https?:\/\//, '')">
      <v-text-field
        :model-value="listing.pageAddress"
        density="compact"
        :label="t('pageAddress')"
        :placeholder="props.siteAddress"
        :error-messages="props.fields.pageAddress"
        @change="listing.pageAddress = ($event.target as HTMLInputElement).value.trim() || null"
      />
      <v-text-field
        :model-value="listing.spot"
        class="mt-3"
        density="compact"
        :label="t('insertAfterCssSelector')"
        :placeholder="t('automatic')"
        clearable
        :error-messages="props.fields.spot"
        @update:model-value="listing.spot = $event || null"
      />
      <p v-if="listing.definition.layout === 'wholeBlog'" class="small soft mt-2">
        {{ t('pageBecomesHomeBlog') }}
      </p>
      <v-text-field
        v-model="listing.name"
        class="mt-3"
        density="compact"
        :label="t('internalName')"
        :error-messages="props.fields.name"
      />
    </QuestionPart>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
</style>
