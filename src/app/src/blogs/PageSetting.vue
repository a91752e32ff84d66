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
const answer = computed(() => `${look.value.measure} em wide, ${look.value.titleCentred ? 'centred' : 'left-aligned'}`)
const byline = computed(() => look.value.byline.map((part) => nameOf(part).toLowerCase()).join(', ') || 'none')

// What is switched on goes to the end; switching off and on again is how the order is changed.
function toggle(part: Schemas['BylinePart']): void {
  const now = look.value.byline
  look.value.byline = now.includes(part) ? now.filter((one) => one !== part) : [...now, part]
}
</script>

<template>
  <QuestionPart title="Layout and spacing" :answer="answer">
    <div class="lines">
      <NumberLine
        v-model="look.measure"
        label="Text width"
        name="measure"
        :min="26"
        :max="60"
        :problem="props.fields['look.measure']?.[0]"
        ><span class="soft small"> em (× font size)</span></NumberLine
      >
      <ChipChoice
        v-model="look.spacing"
        label="Spacing"
        :choices="[
          ['close', 'Compact'],
          ['usual', 'Standard'],
          ['airy', 'Spacious'],
        ]"
      />
      <v-checkbox v-model="look.titleCentred" label="Centre the title" />
      <v-checkbox v-model="look.contents" label="Show table of contents in longer posts" />
      <v-checkbox v-model="look.authorBox" label="Show author box at the end" />
    </div>
  </QuestionPart>
  <QuestionPart title="Byline position" :answer="byline">
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
        label="Byline position"
        :choices="[
          ['aboveTitle', 'Above the title'],
          ['belowTitle', 'Below the title'],
          ['atEnd', 'At the end'],
        ]"
      />
      <ChipChoice
        v-model="look.tags"
        label="Tags"
        :choices="[
          ['belowTitle', 'Below the title'],
          ['atEnd', 'At the end'],
          ['nowhere', 'Hidden'],
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
