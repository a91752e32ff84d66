<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChoiceLine, NumberLine, QuestionPart } from '../../shared'
import LookPart from '../styles/LookPart.vue'
import type { ListingLooks } from '../styles/useListingLook'
import type { usePageLook } from '../styles/usePageLook'
import { lookSummary } from '../styles/wholeLook'
import LayoutChoice from './LayoutChoice.vue'
import type { WholeDefinition } from '../wholeDefinition'
import { t } from '../texts'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{
  fields: Record<string, string[]>
  looks: ListingLooks
  page: ReturnType<typeof usePageLook>
  preview: Schemas['ListingPreview'] | null
  address: string
}>()
const form = computed(() => definition.value.form)
const frame = computed(() => definition.value.frame)
const has = (...layouts: WholeDefinition['layout'][]) => layouts.includes(definition.value.layout)
const sides = [
  ['start', t('beforeText')],
  ['end', t('afterText')],
] as const
const ratios = [
  ['fourToThree', '4 : 3'],
  ['sixteenToNine', '16 : 9'],
  ['square', '1 : 1'],
  ['threeToFour', '3 : 4'],
] as const
const levels = [1, 2, 3, 4, 5].map((level) => [level, `h${level}`] as const)
</script>

<template>
  <QuestionPart
    :title="t('appearance')"
    :answer="props.looks.chosen.value ? t('savedStyle') : lookSummary(definition.look)"
  >
    <LayoutChoice v-model="definition.layout" />
    <div class="fine">
      <NumberLine
        v-if="has('columns', 'bricks', 'carousel')"
        v-model="form.columns"
        :label="t('maximumColumns')"
        name="columns"
        :min="1"
        :max="6"
      />
      <ChoiceLine
        v-if="has('rows', 'zigzag')"
        v-model="form.pictureSide"
        :label="t('picturePosition')"
        :choices="sides"
      />
      <ChoiceLine
        v-if="!has('bricks', 'ticker', 'archive', 'tagCloud', 'categoryIndex')"
        v-model="form.ratio"
        :label="t('pictureRatio')"
        :choices="ratios"
      />
      <NumberLine
        v-if="has('carousel', 'ticker')"
        v-model="definition.moveSeconds"
        :label="t('autoAdvanceSeconds')"
        name="move-seconds"
        :min="3"
        :max="60"
        :empty="t('never')"
      />
      <v-text-field
        v-model="definition.heading"
        density="compact"
        :label="t('heading')"
        clearable
        :error-messages="props.fields['definition.heading']"
      />
    </div>
    <details class="small">
      <summary class="link">{{ t('headingIntroductionFooter') }}</summary>
      <div class="fine">
        <ChoiceLine v-model="frame.headingLevel" :label="t('headingLevel')" :choices="levels" />
        <v-text-field
          v-model="frame.headingLink"
          density="compact"
          :label="t('headingLink')"
          clearable
          :error-messages="props.fields['definition.frame.headingLink']"
        />
        <v-textarea
          v-model="frame.introduction"
          density="compact"
          rows="2"
          :label="t('introduction')"
          clearable
          :error-messages="props.fields['definition.frame.introduction']"
        />
        <v-text-field
          v-model="frame.closingText"
          density="compact"
          :label="t('footerLinkText')"
          clearable
          :error-messages="props.fields['definition.frame.closingText']"
        />
        <v-text-field
          v-if="frame.closingText"
          v-model="frame.closingLink"
          density="compact"
          :label="t('footerLinkAddress')"
          clearable
          :error-messages="props.fields['definition.frame.closingLink']"
        />
        <v-switch v-model="frame.feedLink" :label="t('linkFeed')" />
      </div>
    </details>
    <LookPart
      :looks="props.looks"
      :page="props.page"
      :preview="props.preview"
      :fields="props.fields"
      :address="props.address"
    />
  </QuestionPart>
</template>

<style scoped>
.fine {
  display: grid;
  gap: 8px;
  padding-top: 12px;
}
summary {
  margin-top: 10px;
  font-size: 13px;
}
</style>
