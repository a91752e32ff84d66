<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../api'
import { ChoiceLine, NumberLine, QuestionPart } from '../shared'
import { ColourLines, MatchDialog, usePageLook, wholeLook } from '../listings'
import type { WholePageLook } from './usePages'
import { t } from './texts'

/** Colours and type of the pages, or those of the site. */
const look = defineModel<WholePageLook>({ required: true })
const props = defineProps<{
  siteId: number
  address: string
  contrast: Schemas['LookPair'][]
  fields: Record<string, string[]>
}>()
const matching = ref(false)
const page = usePageLook(
  () => props.siteId,
  () => props.address,
)
const found = computed(() => page.query.data.value?.found ?? [])
// A listing's look and a page's share colours and type; what is taken from the site goes through the former.
const asListing = computed({
  get: () =>
    wholeLook({ colours: look.value.colours, headingType: look.value.headingType, excerptType: look.value.textType }),
  set: (taken) =>
    (look.value = {
      ...look.value,
      colours: taken.colours,
      headingType: taken.headingType,
      textType: taken.excerptType,
      theme: 'light',
    }),
})
const answer = computed(() => {
  const own = [
    ...Object.values(look.value.colours),
    ...Object.values(look.value.headingType),
    ...Object.values(look.value.textType),
  ].filter((value) => value !== null).length
  return own ? t('ownCustomised', { own }) : t('default')
})
</script>

<template>
  <QuestionPart :title="t('coloursFonts')" :answer="answer">
    <div class="lines">
      <div>
        <v-btn variant="outlined" height="34" @click="matching = true">{{ t('matchMySite') }}</v-btn>
      </div>
      <ChoiceLine
        v-model="look.theme"
        :label="t('colours')"
        :choices="[
          ['reader', t('matchVisitorsSetting')],
          ['light', t('light')],
          ['dark', t('dark')],
        ]"
      />
      <ColourLines
        v-if="look.theme !== 'dark'"
        v-model="look.colours"
        :is-dark="false"
        :standard="look.theme === 'light'"
        :found="found"
        :contrast="props.contrast"
        :problems="props.fields"
        path="look.colours"
      />
      <ColourLines
        v-if="look.theme !== 'light'"
        v-model="look.darkColours"
        :is-dark="true"
        :standard="look.theme === 'dark'"
        :found="[]"
        :contrast="props.contrast"
        :problems="props.fields"
        path="look.darkColours"
      />
      <v-text-field
        v-model="look.textType.family"
        :label="t('bodyFont')"
        density="compact"
        clearable
        :error-messages="props.fields['look.textType.family']"
      />
      <NumberLine
        v-model="look.textType.size"
        :label="t('bodySizePx')"
        name="text-size"
        :min="8"
        :max="96"
        :empty="t('default')"
        :problem="props.fields['look.textType.size']?.[0]"
      />
      <v-text-field
        v-model="look.headingType.family"
        :label="t('headingFont')"
        density="compact"
        clearable
        :error-messages="props.fields['look.headingType.family']"
      />
      <NumberLine
        v-model="look.headingType.size"
        :label="t('headingSizePx')"
        name="heading-size"
        :min="8"
        :max="96"
        :empty="t('default')"
        :problem="props.fields['look.headingType.size']?.[0]"
      />
    </div>
  </QuestionPart>
  <MatchDialog v-model="matching" v-model:look="asListing" :page="page" :address="props.address" />
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
}
</style>
