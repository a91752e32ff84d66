<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { ChoiceLine, NumberLine, QuestionPart, TickChip } from '../../shared'
import PostOrder from '../PostOrder.vue'
import type { WholeDefinition } from '../wholeDefinition'
import { t } from '../texts'

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
  ['newest', t('newest')],
  ['oldest', t('oldest')],
  ['title', t('byTitle')],
  ['mostCommented', t('mostCommented')],
  ['lastUpdated', t('lastChanged')],
  ['shuffled', t('randomChangesDaily')],
  ['byHand', t('manual')],
  ['related', t('related')],
] as const
const pagings = [
  ['none', t('none2')],
  ['previousNext', t('newerOlderLinks')],
  ['numbered', t('pageNumbers')],
  ['more', t('loadMoreButton')],
] as const
const entering = [
  ['onTop', t('onTop')],
  ['atTheBottom', t('atTheBottom')],
] as const
</script>

<template>
  <QuestionPart
    :title="t('howManyWhatOrder')"
    :answer="props.preview ? t('fittingMatching', { fitting: props.preview.fitting }) : ''"
  >
    <NumberLine
      v-model="count"
      :label="t('show')"
      name="count"
      :min="1"
      :max="50"
      :empty="t('all2')"
      :problem="props.fields['definition.count']?.[0]"
    >
      <TickChip v-model="all">{{ t('all') }}</TickChip>
    </NumberLine>
    <ChoiceLine v-model="definition.order" :label="t('order')" :choices="orders" />
    <p v-if="definition.order === 'related'" class="small soft hint">
      {{ t('postsMostSimilarOne') }}
    </p>
    <ChoiceLine
      v-if="definition.order === 'byHand'"
      v-model="definition.newPosts"
      :label="t('newPosts')"
      :choices="entering"
    />
    <ChoiceLine v-model="definition.paging" :label="t('paging')" :choices="pagings" />
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
