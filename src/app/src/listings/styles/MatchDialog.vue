<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { lineOf, type Schemas } from '../../api'
import type { usePageLook } from './usePageLook'
import { takeFound } from './takeFound'
import type { WholeLook } from './wholeLook'
import { t } from '../texts'

const open = defineModel<boolean>({ required: true })
const look = defineModel<WholeLook>('look', { required: true })
const props = defineProps<{ page: ReturnType<typeof usePageLook>; address: string }>()
const taken = ref<Schemas['FoundProperty'][]>([])
const names: Record<Schemas['FoundProperty'], string> = {
  background: t('background'),
  text: t('text'),
  heading: t('headings'),
  link: t('links'),
  accent: t('accent'),
  line: t('lines'),
  textFamily: t('bodyFont'),
  textSize: t('sizeText'),
  headingFamily: t('fontHeadings'),
  headingSize: t('sizeHeadings'),
  headingWeight: t('weightHeadings'),
  radius: t('radius'),
  spacing: t('spacingBetweenEntries'),
}
const data = computed(() => props.page.query.data.value)
const isColour = (value: string) => value.startsWith('#')
const unit = (property: Schemas['FoundProperty']) =>
  ['textSize', 'headingSize', 'radius', 'spacing'].includes(property) ? ' px' : ''

watch(
  [open, data],
  () => {
    if (open.value && data.value) taken.value = data.value.found.map((one) => one.property)
  },
  { immediate: true },
)

function take(): void {
  look.value = takeFound(
    look.value,
    data.value!.found.filter((one) => taken.value.includes(one.property)),
  )
  open.value = false
}
</script>

<template>
  <v-dialog v-model="open" max-width="600">
    <v-card class="match">
      <h2>{{ t('matchAddress', { address: props.address.replace(/^https?:\/\//, '') }) }}</h2>
      <p v-if="props.page.query.isPending.value" class="waiting" role="status">{{ t('analysingPage') }}</p>
      <p v-else-if="props.page.query.error.value" class="trouble" role="alert">
        {{ lineOf(props.page.query.error.value) }}
      </p>
      <template v-else-if="data">
        <p class="soft small">
          {{ t('readSheetsMostInherited', { sheets: data.sheets.join(', ') || t('thePage') }) }}
        </p>
        <p v-if="data.missing.length" class="o small">
          {{ t('styleSheetsCouldNot', { missing: data.missing.length, sheets: data.missing.join(', ') }) }}
        </p>
        <ul>
          <li v-for="one in data.found" :key="one.property">
            <label>
              <input v-model="taken" type="checkbox" :value="one.property" />
              <i v-if="isColour(one.value)" :style="{ background: one.value }" />
              <i v-else class="text" :style="one.property.endsWith('Family') ? { fontFamily: one.value } : {}">Aa</i>
              <span>{{ names[one.property] }}</span>
              <code>{{ one.value }}{{ unit(one.property) }}</code>
              <span class="soft small where" :title="one.selector ?? ''">{{
                one.selector ? t('selectorSheet', { selector: one.selector, sheet: one.sheet }) : t('browserDefault')
              }}</span>
            </label>
          </li>
        </ul>
      </template>
      <div class="row">
        <v-btn :disabled="!data || taken.length === 0" @click="take">{{
          taken.length === data?.found.length ? t('applyAll') : t('applyTaken', { taken: taken.length })
        }}</v-btn>
        <v-btn variant="outlined" @click="open = false">{{ t('cancel') }}</v-btn>
        <button
          v-if="data"
          type="button"
          class="link small"
          @click="taken = taken.length ? [] : data.found.map((one) => one.property)"
        >
          {{ taken.length ? t('selectNone') : t('selectAll') }}
        </button>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.match {
  padding: 24px;
  display: grid;
  gap: 12px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--rule);
  max-height: 50vh;
  overflow: auto;
}
label {
  display: grid;
  grid-template-columns: 18px 26px 150px minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14.5px;
  cursor: pointer;
}
i {
  width: 24px;
  height: 24px;
  border-radius: 4px;
  border: 1px solid var(--rule);
}
i.text {
  border: 0;
  font-style: normal;
}
code {
  font: 13px var(--mono);
}
code,
.where {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
@media (max-width: 600px) {
  label {
    grid-template-columns: 18px 26px minmax(0, 1fr) minmax(0, 1fr);
  }
  .where {
    display: none;
  }
}
</style>
