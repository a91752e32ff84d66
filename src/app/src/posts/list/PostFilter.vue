<script setup lang="ts">
import { mdiFilterVariant } from '@mdi/js'
import type { Schemas } from '../../api'
import type { usePostFilter } from './usePostFilter'
import type { usePostList } from './usePostList'
import { t } from '../texts'

const props = defineProps<{
  narrow: ReturnType<typeof usePostList>['narrow']
  filter: ReturnType<typeof usePostFilter>
  terms: Schemas['TermsView'] | undefined
}>()
const { findings } = props.narrow
const { blogs, standings, standing, set } = props.filter
const { blog, author, category, tag, from, to } = props.filter.fields
</script>

<template>
  <v-menu :close-on-content-click="false" location="bottom end">
    <template #activator="{ props: opener }">
      <button type="button" class="chip" :class="{ on: set.length }" v-bind="opener">
        <v-icon :icon="mdiFilterVariant" size="17" /> {{ t('filter') }}
      </button>
    </template>
    <v-card class="fields">
      <v-select v-model="standing" class="two" :items="standings" :label="t('status')" density="compact" clearable />
      <v-select v-model="blog" class="two" :items="blogs" :label="t('blog')" density="compact" clearable />
      <v-autocomplete
        v-model="author"
        :items="props.terms?.authors ?? []"
        :label="t('author')"
        density="compact"
        clearable
      />
      <v-autocomplete
        v-model="category"
        :items="props.terms?.categories ?? []"
        :label="t('category')"
        density="compact"
        clearable
      />
      <v-autocomplete
        v-model="tag"
        class="two"
        :items="props.terms?.tags ?? []"
        :label="t('tag')"
        density="compact"
        clearable
      />
      <v-text-field v-model="from" type="date" :label="t('from')" density="compact" />
      <v-text-field v-model="to" type="date" :label="t('until')" density="compact" />
      <v-switch
        class="two"
        :model-value="findings === 'yes'"
        :label="t('issuesOnly')"
        @update:model-value="(on: boolean | null) => (findings = on ? 'yes' : '')"
      />
    </v-card>
  </v-menu>
</template>

<style scoped>
.chip {
  display: inline-flex;
  gap: 5px;
  align-items: center;
  height: 40px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  width: min(420px, 92vw);
  padding: 18px;
  border: 1px solid var(--rule);
  box-shadow: 0 8px 24px rgb(0 0 0 / 14%);
}
.two {
  grid-column: span 2;
}
@media (max-width: 480px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }
  .two {
    grid-column: auto;
  }
}
</style>
