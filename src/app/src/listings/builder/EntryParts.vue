<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChipChoice, NumberLine, QuestionPart } from '../../shared'
import PartOrder from './PartOrder.vue'
import { useOwnFields } from '../useOwnFields'
import type { WholeDefinition } from '../wholeDefinition'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{ siteId: number; fields: Record<string, string[]> }>()
const own = useOwnFields(
  () => props.siteId,
  () => definition.value.blogs,
)
const form = computed(() => definition.value.form)
const details = [
  ['picture', 'Picture'],
  ['excerpt', 'Excerpt'],
  ['date', 'Date'],
  ['author', 'Author'],
  ['category', 'Category'],
] as const
const more = [
  ['source', 'Blog'],
  ['readingTime', 'Reading time'],
  ['share', 'Share links'],
  ['comments', 'Comments'],
  ['tags', 'Tags'],
] as const
const shown = computed(() =>
  [
    'title',
    ...details.filter(([name]) => definition.value.details[name]).map(([, label]) => label.toLowerCase()),
    ...more.filter(([name]) => form.value[name]).map(([, label]) => label.toLowerCase()),
    ...own.value.filter((field) => form.value.fields.includes(field.key)).map((field) => field.label.toLowerCase()),
  ].join(', '),
)
const places = [
  ['byLayout', 'Layout default'],
  ['beside', 'Beside'],
  ['amongParts', 'As part of the order below'],
  ['behind', 'Background'],
] as const
const sources = [
  ['ownOrText', 'Excerpt, else start of text'],
  ['ownOnly', 'Excerpt only'],
  ['textOnly', 'Start of text'],
] as const
const leads = [
  ['ownPage', 'Post page'],
  ['readingPanel', 'Overlay on your page'],
  ['wholeBlog', 'Blog page'],
  ['source', 'Source link'],
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
  <QuestionPart title="What does an entry show?" :answer="shown">
    <div class="chips">
      <button
        v-for="[name, label] in details"
        :key="name"
        type="button"
        class="chip"
        :class="{ on: definition.details[name] }"
        :aria-pressed="definition.details[name]"
        @click="definition.details[name] = !definition.details[name]"
      >
        {{ label }}
      </button>
      <button
        v-for="[name, label] in more"
        :key="name"
        type="button"
        class="chip"
        :class="{ on: form[name] }"
        :aria-pressed="form[name]"
        @click="form[name] = !form[name]"
      >
        {{ label }}
      </button>
      <button
        v-for="field in own"
        :key="field.key"
        type="button"
        class="chip"
        :class="{ on: form.fields.includes(field.key) }"
        :aria-pressed="form.fields.includes(field.key)"
        :title="`Own field ${field.label}`"
        @click="
          form.fields = form.fields.includes(field.key)
            ? form.fields.filter((key) => key !== field.key)
            : [...form.fields, field.key]
        "
      >
        {{ field.label }}
      </button>
    </div>
    <div v-if="definition.layout !== 'wholeBlog'" class="fine">
      <ChipChoice v-model="definition.leads" label="Title links to" :choices="leads" />
    </div>
    <details class="small">
      <summary class="link">Position and order</summary>
      <div class="fine">
        <ChipChoice v-if="definition.details.picture" v-model="form.picturePlace" label="Picture" :choices="places" />
        <p v-if="form.picturePlace === 'behind'" class="soft">A dark overlay keeps white text readable.</p>
        <PartOrder v-model="form.parts" :shown="arranged" :byline-above="form.bylineAbove" />
      </div>
    </details>
    <details class="small">
      <summary class="link">Lengths and wording</summary>
      <div class="fine">
        <NumberLine
          v-model="form.titleLength"
          label="Shorten titles to (characters)"
          name="title-length"
          :min="10"
          :max="300"
          empty="never"
          :problem="props.fields['definition.form.titleLength']?.[0]"
        />
        <ChipChoice v-if="definition.details.excerpt" v-model="form.excerptSource" label="Excerpt" :choices="sources" />
        <NumberLine
          v-if="definition.details.excerpt && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptCharacters"
          label="Excerpt length (characters)"
          name="excerpt-characters"
          :min="20"
          :max="2000"
          empty="use word count"
          :problem="props.fields['definition.form.excerptCharacters']?.[0]"
        />
        <NumberLine
          v-if="definition.details.excerpt && form.excerptCharacters === null && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptWords"
          label="Excerpt length (words)"
          name="excerpt-words"
          :min="1"
          :max="200"
          :problem="props.fields['definition.form.excerptWords']?.[0]"
        />
        <v-checkbox
          v-if="definition.details.excerpt && form.excerptSource !== 'ownOnly'"
          v-model="form.excerptAtSentence"
          label="End at a full sentence if possible"
        />
        <v-text-field
          v-model="form.readMore"
          label="“Read more” link text"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.readMore']"
        />
        <v-text-field
          v-model="form.separator"
          label="Separator"
          density="compact"
          :error-messages="props.fields['definition.form.separator']"
        />
        <v-text-field
          v-model="form.datePattern"
          label="Date format"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.datePattern']"
        />
        <v-checkbox v-if="form.parts.length === 0" v-model="form.bylineAbove" label="Date and author above the title" />
        <v-checkbox v-model="form.standInPicture" label="Generate a picture for posts without one" />
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
