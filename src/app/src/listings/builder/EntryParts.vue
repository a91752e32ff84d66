<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChoiceLine, ManyOf, NumberLine, QuestionPart, TickChip } from '../../shared'
import PartOrder from './PartOrder.vue'
import { useOwnFields } from '../useOwnFields'
import type { WholeDefinition } from '../wholeDefinition'
import { t } from '../texts'
import { inSentence } from '../../texts'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{ siteId: number; fields: Record<string, string[]> }>()
const own = useOwnFields(
  () => props.siteId,
  () => definition.value.blogs,
)
const form = computed(() => definition.value.form)
const details = [
  ['picture', t('picture')],
  ['excerpt', t('excerpt')],
  ['date', t('date')],
  ['author', t('author')],
  ['category', t('category')],
] as const
const more = [
  ['source', t('blog')],
  ['readingTime', t('readingTime')],
  ['share', t('shareLinks')],
  ['comments', t('comments')],
  ['tags', t('tags')],
] as const
const shown = computed(() =>
  [
    inSentence(t('title')),
    ...details.filter(([name]) => definition.value.details[name]).map(([, label]) => inSentence(label)),
    ...more.filter(([name]) => form.value[name]).map(([, label]) => inSentence(label)),
    ...own.value.filter((field) => form.value.fields.includes(field.key)).map((field) => field.label),
  ].join(', '),
)
const places = [
  ['byLayout', t('layoutDefault')],
  ['beside', t('beside')],
  ['amongParts', t('partOrderBelow')],
  ['behind', t('background')],
] as const
const sources = [
  ['ownOrText', t('excerptElseStartText')],
  ['ownOnly', t('excerptOnly')],
  ['textOnly', t('startText')],
] as const
const leads = [
  ['ownPage', t('postPage')],
  ['readingPanel', t('overlayPage')],
  ['wholeBlog', t('blogPage')],
  ['source', t('sourceLink')],
] as const
const arranged = computed(() => {
  const { details } = definition.value
  const parts: Schemas['EntryPart'][] = ['title']
  if (details.picture && form.value.picturePlace === 'amongParts') parts.unshift('picture')
  if (
    details.date ||
    details.author ||
    details.category ||
    form.value.source ||
    form.value.readingTime ||
    form.value.comments ||
    form.value.fields.length
  )
    parts.push('byline')
  if (details.excerpt) parts.push('excerpt')
  if (form.value.tags) parts.push('tags')
  if (form.value.readMore) parts.push('more')
  return parts
})
</script>

<template>
  <QuestionPart :title="t('whatDoesEntryShow')" :answer="shown">
    <div class="chips" role="group" :aria-label="t('whatDoesEntryShow')">
      <TickChip v-for="[name, label] in details" :key="name" v-model="definition.details[name]">{{ label }}</TickChip>
      <TickChip v-for="[name, label] in more" :key="name" v-model="form[name]">{{ label }}</TickChip>
      <ManyOf
        v-model="form.fields"
        class="own"
        :label="t('customFields')"
        :choices="own.map((field) => [field.key, field.label] as const)"
      />
    </div>
    <div v-if="definition.layout !== 'wholeBlog'" class="fine">
      <ChoiceLine v-model="definition.leads" :label="t('titleLinks')" :choices="leads" />
    </div>
    <details class="small">
      <summary class="link">{{ t('positionOrder') }}</summary>
      <div class="fine">
        <ChoiceLine
          v-if="definition.details.picture"
          v-model="form.picturePlace"
          :label="t('picture')"
          :choices="places"
        />
        <p v-if="form.picturePlace === 'behind'" class="soft">{{ t('darkOverlayKeepsWhite') }}</p>
        <PartOrder v-model="form.parts" :shown="arranged" :byline-above="form.bylineAbove" />
      </div>
    </details>
    <details class="small">
      <summary class="link">{{ t('lengthsWording') }}</summary>
      <div class="fine">
        <NumberLine
          v-model="form.titleLength"
          :label="t('shortenTitlesCharacters')"
          name="title-length"
          :min="10"
          :max="300"
          :empty="t('never')"
          :problem="props.fields['definition.form.titleLength']?.[0]"
        />
        <ChoiceLine
          v-if="definition.details.excerpt"
          v-model="form.excerptSource"
          :label="t('excerpt')"
          :choices="sources"
        />
        <NumberLine
          v-if="definition.details.excerpt && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptCharacters"
          :label="t('excerptLengthCharacters')"
          name="excerpt-characters"
          :min="20"
          :max="2000"
          :empty="t('useWordCount')"
          :problem="props.fields['definition.form.excerptCharacters']?.[0]"
        />
        <NumberLine
          v-if="definition.details.excerpt && form.excerptCharacters === null && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptWords"
          :label="t('excerptLengthWords')"
          name="excerpt-words"
          :min="1"
          :max="200"
          :problem="props.fields['definition.form.excerptWords']?.[0]"
        />
        <v-switch
          v-if="definition.details.excerpt && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptAtSentence"
          :label="t('endFullSentenceIf')"
        />
        <v-text-field
          v-model="form.readMore"
          :label="t('readMoreLinkText')"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.readMore']"
        />
        <v-text-field
          v-model="form.separator"
          :label="t('separator')"
          density="compact"
          :error-messages="props.fields['definition.form.separator']"
        />
        <v-text-field
          v-model="form.datePattern"
          :label="t('dateFormat')"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.datePattern']"
        />
        <v-switch v-if="form.parts.length === 0" v-model="form.bylineAbove" :label="t('dateAuthorAboveTitle')" />
        <v-switch v-model="form.standInPicture" :label="t('generatePicturePostsWithout')" />
      </div>
    </details>
  </QuestionPart>
</template>

<style scoped>
summary {
  margin-top: 10px;
  font-size: 13px;
}
.fine {
  display: grid;
  gap: 10px;
  padding-top: 10px;
}
</style>
