<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChipChoice, NumberLine, QuestionPart } from '../../shared'
import LookPart from '../styles/LookPart.vue'
import type { ListingLooks } from '../styles/useListingLook'
import type { usePageLook } from '../styles/usePageLook'
import { lookSummary } from '../styles/wholeLook'
import LayoutChoice from './LayoutChoice.vue'
import type { WholeDefinition } from '../wholeDefinition'

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
  ['start', 'Before the text'],
  ['end', 'After the text'],
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
  <QuestionPart title="Appearance" :answer="props.looks.chosen.value ? 'a saved style' : lookSummary(definition.look)">
    <LayoutChoice v-model="definition.layout" />
    <div class="fine">
      <NumberLine
        v-if="has('columns', 'bricks', 'carousel')"
        v-model="form.columns"
        label="Maximum columns"
        name="columns"
        :min="1"
        :max="6"
      />
      <ChipChoice v-if="has('rows', 'zigzag')" v-model="form.pictureSide" label="Picture position" :choices="sides" />
      <ChipChoice
        v-if="!has('bricks', 'ticker', 'archive', 'tagCloud', 'categoryIndex')"
        v-model="form.ratio"
        label="Picture ratio"
        :choices="ratios"
      />
      <NumberLine
        v-if="has('carousel', 'ticker')"
        v-model="definition.moveSeconds"
        label="Auto-advance (seconds)"
        name="move-seconds"
        :min="3"
        :max="60"
        empty="never"
      />
      <v-text-field
        v-model="definition.heading"
        density="compact"
        label="Heading"
        clearable
        :error-messages="props.fields['definition.heading']"
      />
    </div>
    <details class="small">
      <summary class="link">Heading, introduction and footer</summary>
      <div class="fine">
        <ChipChoice v-model="frame.headingLevel" label="Heading level" :choices="levels" />
        <v-text-field
          v-model="frame.headingLink"
          density="compact"
          label="Heading link"
          clearable
          :error-messages="props.fields['definition.frame.headingLink']"
        />
        <v-textarea
          v-model="frame.introduction"
          density="compact"
          rows="2"
          label="Introduction"
          clearable
          :error-messages="props.fields['definition.frame.introduction']"
        />
        <v-text-field
          v-model="frame.closingText"
          density="compact"
          label="Footer link text"
          clearable
          :error-messages="props.fields['definition.frame.closingText']"
        />
        <v-text-field
          v-if="frame.closingText"
          v-model="frame.closingLink"
          density="compact"
          label="Footer link address"
          clearable
          :error-messages="props.fields['definition.frame.closingLink']"
        />
        <v-checkbox v-model="frame.feedLink" label="Link to the feed" />
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
