<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChipChoice, NumberLine, QuestionPart } from '../../shared'
import PostOrder from '../PostOrder.vue'
import type { WholeDefinition } from '../wholeDefinition'

const definition = defineModel<WholeDefinition>({ required: true })
const props = defineProps<{ preview: Schemas['ListingPreview'] | null; fields: Record<string, string[]> }>()
const all = computed({
  get: () => definition.value.count === 0,
  set: (yes: boolean) => (definition.value.count = yes ? 0 : 5),
})
const count = computed({
  get: () => definition.value.count || null,
  set: (value: number | null) => (definition.value.count = value ?? 0),
})
const orders = [
  ['newest', 'Newest'],
  ['oldest', 'Oldest'],
  ['title', 'By title'],
  ['mostCommented', 'Most commented'],
  ['lastUpdated', 'Last changed'],
  ['shuffled', 'Random (changes daily)'],
  ['byHand', 'Manual'],
  ['related', 'Related'],
] as const
const pagings = [
  ['none', 'None'],
  ['previousNext', 'Newer/older links'],
  ['numbered', 'Page numbers'],
  ['more', '“Load more” button'],
] as const
const entering = [
  ['onTop', 'On top'],
  ['atTheBottom', 'At the bottom'],
] as const
</script>

<template>
  <QuestionPart title="How many, in what order?" :answer="props.preview ? `${props.preview.fitting} matching` : ''">
    <NumberLine
      v-model="count"
      label="Show"
      name="count"
      :min="1"
      :max="50"
      empty="all"
      :problem="props.fields['definition.count']?.[0]"
    >
      <button type="button" class="chip all" :class="{ on: all }" :aria-pressed="all" @click="all = !all">All</button>
    </NumberLine>
    <ChipChoice v-model="definition.order" label="Order" :choices="orders" />
    <p v-if="definition.order === 'related'" class="small soft hint">
      Posts most similar to the one on the page. Elsewhere, the newest posts. Preview uses your newest post.
    </p>
    <ChipChoice
      v-if="definition.order === 'byHand'"
      v-model="definition.newPosts"
      label="New posts"
      :choices="entering"
    />
    <ChipChoice v-model="definition.paging" label="Paging" :choices="pagings" />
    <PostOrder
      v-if="props.preview?.first.length"
      v-model:pinned="definition.pinned"
      v-model:arranged="definition.arranged"
      :by-hand="definition.order === 'byHand'"
      :posts="props.preview.first"
    />
  </QuestionPart>
</template>

<style scoped>
.hint {
  margin: 0 0 8px 128px;
}
.all {
  margin-left: 8px;
}
</style>
