<script setup lang="ts">
import { mdiClose } from '@mdi/js'
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { MoveButtons } from '../../shared'
import { acts, conditions } from '../words'
import { t } from '../texts'

const rule = defineModel<Schemas['CommentRule']>({ required: true })
const props = defineProps<{
  number: number
  count: number
  blogs: readonly Schemas['BlogLayer'][]
  problem?: string
}>()
const emit = defineEmits<{ move: [by: number]; remove: [] }>()
const offered = Object.entries(conditions).map(([value, one]) => ({
  value: value as Schemas['RuleCondition'],
  title: one.name,
}))
const ends = Object.entries(acts).map(([value, title]) => ({ value: value as Schemas['CommentAct'], title }))
const condition = computed(() => conditions[rule.value.condition])
const set = (part: Partial<Schemas['CommentRule']>) => (rule.value = { ...rule.value, ...part })
const words = computed({
  get: () => rule.value.words.join('\n'),
  set: (text: string) => set({ words: text.split('\n') }),
})
const trimmed = () => set({ words: rule.value.words.map((word) => word.trim()).filter(Boolean) })
</script>

<template>
  <li class="rule">
    <span class="number">{{ props.number }}</span>
    <div class="parts">
      <v-select
        class="condition"
        :model-value="rule.condition"
        :items="offered"
        :label="t('if')"
        density="compact"
        hide-details
        @update:model-value="
          (value: Schemas['RuleCondition']) => set({ condition: value, number: conditions[value].usual })
        "
      />
      <v-text-field
        v-if="condition.unit"
        class="amount"
        :model-value="rule.number"
        type="number"
        min="1"
        density="compact"
        hide-details
        :suffix="condition.unit"
        :aria-label="condition.name"
        @update:model-value="(value: string) => set({ number: Number(value) || 0 })"
      />
      <v-select
        class="act"
        :model-value="rule.act"
        :items="ends"
        :label="t('then')"
        density="compact"
        hide-details
        @update:model-value="(act: Schemas['CommentAct']) => set({ act })"
      />
      <v-select
        v-if="props.blogs.length > 1 || rule.blogs?.length"
        class="act"
        :model-value="rule.blogs ?? []"
        :items="props.blogs"
        item-value="id"
        item-title="name"
        :label="t('onlyInBlogs')"
        :placeholder="t('wholeSite')"
        persistent-placeholder
        multiple
        chips
        closable-chips
        density="compact"
        hide-details
        @update:model-value="(blogs: number[]) => set({ blogs: blogs.length ? blogs : null })"
      />
      <v-textarea
        v-if="rule.condition === 'words'"
        v-model="words"
        class="wide"
        :label="t('wordsPhrasesOnePer')"
        rows="2"
        auto-grow
        density="compact"
        hide-details
        @blur="trimmed"
      />
      <v-text-field
        v-if="rule.act === 'refuse'"
        class="wide"
        :model-value="rule.message"
        :label="t('messageCommenter')"
        :placeholder="t('commentWasNotAccepted')"
        density="compact"
        hide-details
        maxlength="300"
        @update:model-value="(message: string) => set({ message: message || null })"
      />
      <p v-if="props.problem" class="m small wide" role="alert">{{ props.problem }}</p>
    </div>
    <div class="order">
      <MoveButtons
        :name="`Rule ${props.number}`"
        :index="props.number - 1"
        :count="props.count"
        @move="(to) => emit('move', to - props.number + 1)"
      />
      <v-btn
        :icon="mdiClose"
        size="x-small"
        variant="text"
        :aria-label="t('removeRuleNumber', { number: props.number })"
        @click="emit('remove')"
      />
    </div>
  </li>
</template>

<style scoped>
.rule {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto;
  gap: 12px;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}
.number {
  font: 600 15px var(--title);
  color: var(--soft);
  padding-top: 9px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
}
.condition {
  flex: 3 1 300px;
}
.amount {
  flex: 0 1 156px;
}
.act {
  flex: 1 1 170px;
}
.wide {
  flex: 1 0 100%;
  margin: 0;
}
.act :deep(input::placeholder) {
  color: var(--ink);
  opacity: 0.85;
}
.order {
  display: flex;
  align-items: flex-start;
  padding-top: 4px;
}
@media (max-width: 860px) {
  .rule {
    grid-template-columns: 18px minmax(0, 1fr);
  }
  .order {
    grid-column: 2;
    padding: 0;
  }
}
</style>
