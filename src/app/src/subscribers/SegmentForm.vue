<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, Problem, type Schemas, take } from '../api'
import { counted, useTerms } from '../shared'
import { origins } from './origins'

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
    <v-text-field v-model="draft.name" label="Name" :error-messages="problem('name')" />
    <v-select
      v-model="rule.categories"
      :items="terms?.categories ?? []"
      label="Subscribed to category"
      multiple
      chips
      clearable
      placeholder="Any"
      persistent-placeholder
    />
    <v-select
      v-model="rule.origins"
      :items="originItems"
      label="Source"
      multiple
      chips
      clearable
      placeholder="Any"
      persistent-placeholder
    />
    <v-select
      v-if="forms?.length"
      v-model="rule.forms"
      :items="forms.map((one) => ({ value: one.id, title: one.name }))"
      label="Sign-up form"
      multiple
      chips
      clearable
      placeholder="Any"
      persistent-placeholder
    />
    <div class="pair">
      <v-text-field
        :model-value="rule.since ?? ''"
        type="date"
        label="Subscribed on or after"
        clearable
        @update:model-value="rule.since = $event || null"
      />
      <v-text-field
        :model-value="rule.until ?? ''"
        type="date"
        label="Subscribed on or before"
        clearable
        :error-messages="problem('until')"
        @update:model-value="rule.until = $event || null"
      />
      <v-text-field
        :model-value="rule.seenWithin ?? ''"
        type="number"
        min="1"
        label="Active within (days)"
        suffix="days"
        :error-messages="problem('seenWithin')"
        @update:model-value="rule.seenWithin = number($event)"
      />
      <v-text-field
        :model-value="rule.silentFor ?? ''"
        type="number"
        min="1"
        label="Inactive for (days)"
        suffix="days"
        :error-messages="problem('silentFor')"
        @update:model-value="rule.silentFor = number($event)"
      />
    </div>
    <p class="small soft">
      Active means: confirmed, changed preferences or commented. Clicks are counted anonymously, without saying who
      followed them.
    </p>
    <p class="size" role="status">
      <template v-if="size !== null">{{ counted(size, 'subscriber') }} now</template>
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
