<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { ChoiceLine, ManyOf, NumberLine, QuestionPart } from '../shared'
import type { WholePageLook } from './usePages'
import { t } from './texts'
import { inSentence } from '../texts'

/** How a page is set: width, title, byline, tags, room. */
const look = defineModel<WholePageLook>({ required: true })
const props = defineProps<{ fields: Record<string, string[]> }>()
const parts: [Schemas['BylinePart'], string][] = [
  ['date', t('date')],
  ['author', t('author')],
  ['category', t('category')],
  ['readingTime', t('readingTime')],
  ['comments', t('comments')],
]
const nameOf = (part: Schemas['BylinePart']) => parts.find(([value]) => value === part)![1]
const answer = computed(() =>
  look.value.titleCentred
    ? t('measureEmWideCentred', { measure: look.value.measure })
    : t('measureEmWideLeft', { measure: look.value.measure }),
)
const byline = computed(() => look.value.byline.map((part) => inSentence(nameOf(part))).join(', ') || t('none'))
</script>

<template>
  <QuestionPart :title="t('layoutSpacing')" :answer="answer">
    <div class="lines">
      <NumberLine
        v-model="look.measure"
        :label="t('textWidth')"
        name="measure"
        :min="26"
        :max="60"
        :problem="props.fields['look.measure']?.[0]"
        ><span class="soft small"> {{ t('emFontSize') }}</span></NumberLine
      >
      <ChoiceLine
        v-model="look.spacing"
        :label="t('spacing')"
        :choices="[
          ['close', t('compact')],
          ['usual', t('standard')],
          ['airy', t('spacious')],
        ]"
      />
      <v-switch v-model="look.titleCentred" :label="t('centreTitle')" />
      <v-switch v-model="look.contents" :label="t('showTableContentsLonger')" />
      <v-switch v-model="look.authorBox" :label="t('showAuthorBoxEnd')" />
    </div>
  </QuestionPart>
  <QuestionPart :title="t('bylinePosition')" :answer="byline">
    <div class="lines">
      <ManyOf v-model="look.byline" :label="t('partsByline')" :choices="parts" />
      <ChoiceLine
        v-if="look.byline.length"
        v-model="look.bylinePlace"
        :label="t('bylinePosition')"
        :choices="[
          ['aboveTitle', t('aboveTitle')],
          ['belowTitle', t('belowTitle')],
          ['atEnd', t('atTheEnd')],
        ]"
      />
      <ChoiceLine
        v-model="look.tags"
        :label="t('tags')"
        :choices="[
          ['belowTitle', t('belowTitle')],
          ['atEnd', t('atTheEnd')],
          ['nowhere', t('hidden')],
        ]"
      />
    </div>
  </QuestionPart>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 10px;
}
</style>
