<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { lineOf, type Schemas } from '../../api'
import { counted } from '../../shared'
import type { usePageLook } from './usePageLook'
import { takeFound } from './takeFound'
import type { WholeLook } from './wholeLook'

const open = defineModel<boolean>({ required: true })
const look = defineModel<WholeLook>('look', { required: true })
const props = defineProps<{ page: ReturnType<typeof usePageLook>; address: string }>()
const taken = ref<Schemas['FoundProperty'][]>([])
const names: Record<Schemas['FoundProperty'], string> = {
  background: 'Background',
  text: 'Text',
  heading: 'Headings',
  link: 'Links',
  accent: 'Accent',
  line: 'Lines',
  textFamily: 'Body font',
  textSize: 'Size of the text',
  headingFamily: 'Font of headings',
  headingSize: 'Size of headings',
  headingWeight: 'Weight of headings',
  radius: 'Radius',
  spacing: 'Spacing between entries',
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
      <h2>Match {{ props.address.replace(/^https?:\/\//, '') }}</h2>
      <p v-if="props.page.query.isPending.value" class="waiting" role="status">Analysing page …</p>
      <p v-else-if="props.page.query.error.value" class="trouble" role="alert">
        {{ lineOf(props.page.query.error.value) }}
      </p>
      <template v-else-if="data">
        <p class="soft small">
          Read in {{ data.sheets.join(', ') || 'the page' }}. Most of this is inherited anyway. Values you apply are
          fixed even if the page changes.
        </p>
        <p v-if="data.missing.length" class="o small">
          {{ counted(data.missing.length, 'style sheet') }} could not be loaded: {{ data.missing.join(', ') }}.
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
                one.selector ? `${one.selector} in ${one.sheet}` : 'browser default'
              }}</span>
            </label>
          </li>
        </ul>
      </template>
      <div class="row">
        <v-btn :disabled="!data || taken.length === 0" @click="take">{{
          taken.length === data?.found.length ? 'Apply all' : `Apply ${taken.length}`
        }}</v-btn>
        <v-btn variant="outlined" @click="open = false">Cancel</v-btn>
        <button
          v-if="data"
          type="button"
          class="link small"
          @click="taken = taken.length ? [] : data.found.map((one) => one.property)"
        >
          {{ taken.length ? 'Select none' : 'Select all' }}
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
