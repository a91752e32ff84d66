<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { ChipChoice, NumberLine, QuestionPart } from '../shared'
import type { WholePageLook } from './usePages'

/** How a page is set: width, title, byline, tags, room. */
const look = defineModel<WholePageLook>({ required: true })
const props = defineProps<{ fields: Record<string, string[]> }>()
const parts: [Schemas['BylinePart'], string][] = [
  ['date', 'Date'],
  ['author', 'Author'],
  ['category', 'Category'],
  ['readingTime', 'Reading time'],
  ['comments', 'Comments'],
]
const nameOf = (part: Schemas['BylinePart']) => parts.find(([value]) => value === part)![1]
const answer = computed(() => `${look.value.measure} wide, ${look.value.titleCentred ? 'centred' : 'at the start'}`)
const byline = computed(() => look.value.byline.map((part) => nameOf(part).toLowerCase()).join(', ') || 'none')

// What is switched on goes to the end; switching off and on again is how the order is changed.
function toggle(part: Schemas['BylinePart']): void {
  const now = look.value.byline
  look.value.byline = now.includes(part) ? now.filter((one) => one !== part) : [...now, part]
}
</script>

<template>
  <QuestionPart title="How is it set?" :answer="answer">
    <div class="lines">
      <NumberLine
        v-model="look.measure"
        label="Column of text"
        name="measure"
        :min="26"
        :max="60"
        :problem="props.fields['look.measure']?.[0]"
        ><span class="soft small"> × the type</span></NumberLine
      >
      <ChipChoice
        v-model="look.spacing"
        label="Room"
        :choices="[
          ['close', 'Close'],
          ['usual', 'As in books'],
          ['airy', 'Airy'],
        ]"
      />
      <v-checkbox v-model="look.titleCentred" label="Title in the middle" />
      <v-checkbox v-model="look.contents" label="Contents before posts with three headings or more" />
      <v-checkbox v-model="look.authorBox" label="Who wrote it, at the end of every post" />
    </div>
  </QuestionPart>
  <QuestionPart title="What stands by the title?" :answer="byline">
    <div class="lines">
      <div class="chips" role="group" aria-label="Parts of the byline">
        <button
          v-for="[part, name] in parts"
          :key="part"
          type="button"
          class="chip"
          :class="{ on: look.byline.includes(part) }"
          :aria-pressed="look.byline.includes(part)"
          @click="toggle(part)"
        >
          {{ name }}
        </button>
      </div>
      <ChipChoice
        v-if="look.byline.length"
        v-model="look.bylinePlace"
        label="Byline"
        :choices="[
          ['aboveTitle', 'Above the title'],
          ['belowTitle', 'Below it'],
          ['atEnd', 'At the end'],
        ]"
      />
      <ChipChoice
        v-model="look.tags"
        label="Tags"
        :choices="[
          ['belowTitle', 'Below the title'],
          ['atEnd', 'At the end'],
          ['nowhere', 'Nowhere'],
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
