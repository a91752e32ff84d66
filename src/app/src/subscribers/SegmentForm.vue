<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, Problem, type Schemas, take } from '../api'
import { useTerms } from '../shared'
import { origins } from './origins'
import { t } from './texts'

/** Who belongs to a segment, with its size as it is asked. */
const draft = defineModel<{ name: string; rule: Schemas['SegmentRule'] }>({ required: true })
const props = defineProps<{ siteId: number; problems: Record<string, string[]> }>()
const rule = computed(() => draft.value.rule)
const { data: terms } = useTerms(() => props.siteId)
const path = () => ({ params: { path: { site: props.siteId } } })
const { data: forms } = useQuery({
  queryKey: ['sign-up-forms', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/sign-up-forms', path())),
})
const size = ref<number | null>(null)
const wrong = ref<Record<string, string[]>>({})
const settled = refDebounced(
  computed(() => JSON.stringify(rule.value)),
  250,
)
watch(
  settled,
  async () => {
    try {
      size.value = (
        await take(api.POST('/api/sites/{site}/segments/size', { ...path(), body: { rule: rule.value } }))
      ).size
      wrong.value = {}
    } catch (reason) {
      size.value = null
      wrong.value = reason instanceof Problem ? reason.fields : {}
    }
  },
  { immediate: true },
)
const problem = (name: string) => wrong.value[name] ?? props.problems[name]
const originItems = (['form', 'hand', 'list', 'unknown'] as const).map((value) => ({ value, title: origins[value] }))
const number = (value: string) => (value ? Number(value) : null)
</script>

<template>
  <form class="segment" novalidate @submit.prevent>
    <v-text-field v-model="draft.name" :label="t('name')" :error-messages="problem('name')" />
    <v-select
      v-model="rule.categories"
      :items="terms?.categories ?? []"
      :label="t('subscribedCategory')"
      multiple
      chips
      clearable
      :placeholder="t('any')"
      persistent-placeholder
    />
    <v-select
      v-model="rule.origins"
      :items="originItems"
      :label="t('source')"
      multiple
      chips
      clearable
      :placeholder="t('any')"
      persistent-placeholder
    />
    <v-select
      v-if="forms?.length"
      v-model="rule.forms"
      :items="forms.map((one) => ({ value: one.id, title: one.name }))"
      :label="t('signUpForm')"
      multiple
      chips
      clearable
      :placeholder="t('any')"
      persistent-placeholder
    />
    <div class="pair">
      <v-text-field
        :model-value="rule.since ?? ''"
        type="date"
        :label="t('subscribedAfter')"
        clearable
        @update:model-value="rule.since = $event || null"
      />
      <v-text-field
        :model-value="rule.until ?? ''"
        type="date"
        :label="t('subscribedBefore')"
        clearable
        :error-messages="problem('until')"
        @update:model-value="rule.until = $event || null"
      />
      <v-text-field
        :model-value="rule.seenWithin ?? ''"
        type="number"
        min="1"
        :label="t('activeWithinDays')"
        :suffix="t('days')"
        :error-messages="problem('seenWithin')"
        @update:model-value="rule.seenWithin = number($event)"
      />
      <v-text-field
        :model-value="rule.silentFor ?? ''"
        type="number"
        min="1"
        :label="t('inactiveDays')"
        :suffix="t('days')"
        :error-messages="problem('silentFor')"
        @update:model-value="rule.silentFor = number($event)"
      />
    </div>
    <p class="small soft">
      {{ t('activeMeansConfirmedChanged') }}
    </p>
    <p class="size" role="status">
      <template v-if="size !== null">{{ t('subscribersNow', { size }) }}</template>
    </p>
  </form>
</template>

<style scoped>
.segment {
  display: grid;
  gap: 10px;
  max-width: 640px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px;
}
.size {
  font-size: 20px;
  margin: 0;
  min-height: 30px;
}
</style>
