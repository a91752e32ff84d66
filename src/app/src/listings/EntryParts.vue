<script setup lang="ts">
import { computed } from 'vue'
import NumberLine from './NumberLine.vue'
import QuestionPart from './QuestionPart.vue'
import type { WholeDefinition } from './wholeDefinition'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{ fields: Record<string, string[]> }>()
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
  ['comments', 'Comments'],
  ['tags', 'Tags'],
] as const
const shown = computed(() =>
  [
    'title',
    ...details.filter(([name]) => definition.value.details[name]).map(([, label]) => label.toLowerCase()),
    ...more.filter(([name]) => form.value[name]).map(([, label]) => label.toLowerCase()),
  ].join(', '),
)
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
    </div>
    <details class="small">
      <summary class="link">Lengths and wording</summary>
      <div class="fine">
        <NumberLine
          v-model="form.titleLength"
          label="Cut titles at"
          name="title-length"
          :min="10"
          :max="300"
          empty="never"
          :problem="props.fields['definition.form.titleLength']?.[0]"
        />
        <NumberLine
          v-model="form.excerptWords"
          label="Excerpt words"
          name="excerpt-words"
          :min="1"
          :max="200"
          :problem="props.fields['definition.form.excerptWords']?.[0]"
        />
        <v-text-field
          v-model="form.readMore"
          label="Link at the end, such as “Read more”"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.readMore']"
        />
        <v-text-field
          v-model="form.separator"
          label="Between date, author and the rest"
          density="compact"
          :error-messages="props.fields['definition.form.separator']"
        />
        <v-text-field
          v-model="form.datePattern"
          label="Date pattern, such as “d MMM”"
          density="compact"
          clearable
          :error-messages="props.fields['definition.form.datePattern']"
        />
        <v-checkbox v-model="form.bylineAbove" label="Date and author above the title" />
        <v-checkbox v-model="form.standInPicture" label="Draw a picture where a post has none" />
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
