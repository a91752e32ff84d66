<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { ChoiceLine, useNotice } from '../../shared'
import BoxLines from './BoxLines.vue'
import ColourLines from './ColourLines.vue'
import MatchDialog from './MatchDialog.vue'
import PartCss from './PartCss.vue'
import SharedLook from './SharedLook.vue'
import TypeLines from './TypeLines.vue'
import type { ListingLooks } from './useListingLook'
import type { usePageLook } from './usePageLook'
import { t } from '../texts'

const props = defineProps<{
  looks: ListingLooks
  page: ReturnType<typeof usePageLook>
  preview: Schemas['ListingPreview'] | null
  fields: Record<string, string[]>
  address: string
}>()
// The refs of the composable, so that the template can change them.
const { all, chosen, changing, mayChange, look: current } = props.looks
const { say } = useNotice()
const matching = ref(false)
const look = computed({ get: () => current.value, set: (value) => props.looks.replace(value) })
const problems = computed(() => (chosen.value ? props.looks.fields.value : props.fields))
const path = computed(() => (chosen.value ? 'definition' : 'definition.look'))
const found = computed(() => props.page.query.data.value?.found ?? [])
const contrast = computed(() => props.preview?.contrast ?? [])
const faint = computed(() => contrast.value.filter((pair) => pair.nearest).length)
const themes = [
  ['host', t('matchPage')],
  ['light', t('light')],
  ['dark', t('dark')],
  ['reader', t('matchVisitorsSetting')],
] as const

async function share(name: string): Promise<void> {
  if (await props.looks.share(name)) say(t('styleNameSavedAll', { name }))
}
</script>

<template>
  <SharedLook
    v-model="chosen"
    :looks="all"
    :changing="changing"
    :problem="props.fields.lookId?.[0]"
    @share="share"
    @change="changing = true"
    @detach="props.looks.detach()"
    @remove="props.looks.remove()"
  />
  <fieldset class="look" :disabled="!mayChange">
    <div class="row">
      <v-btn variant="outlined" height="34" :disabled="!mayChange" @click="matching = true">{{
        t('matchMySite')
      }}</v-btn>
      <span v-if="faint" class="tag o">{{ faint === 1 ? t('oneTextHasToo') : t('faintTextsHaveToo', { faint }) }}</span>
    </div>
    <ChoiceLine v-model="look.theme" :label="t('colours')" :choices="themes" />
    <ColourLines
      v-if="look.theme !== 'dark'"
      v-model="look.colours"
      :is-dark="false"
      :standard="look.theme !== 'host'"
      :found="found"
      :contrast="contrast"
      :problems="problems"
      :path="`${path}.colours`"
    />
    <ColourLines
      v-if="look.theme === 'dark' || look.theme === 'reader'"
      v-model="look.darkColours"
      is-dark
      standard
      :found="[]"
      :contrast="contrast"
      :problems="problems"
      :path="`${path}.darkColours`"
    />
    <details class="small">
      <summary class="link">{{ t('type') }}</summary>
      <TypeLines v-model="look" :problems="problems" :path="path" />
    </details>
    <details class="small">
      <summary class="link">{{ t('spacingBordersShadow') }}</summary>
      <BoxLines v-model="look" :problems="problems" :path="path" />
    </details>
    <details class="small">
      <summary class="link">
        {{
          props.preview?.cssProblems.length
            ? t('customCssProblems', { cssProblems: props.preview.cssProblems.length })
            : t('customCss')
        }}
      </summary>
      <PartCss v-model="look.css" :problems="props.preview?.cssProblems ?? []" />
    </details>
  </fieldset>
  <MatchDialog v-model="matching" v-model:look="look" :page="props.page" :address="props.address" />
</template>

<style scoped>
.look {
  display: grid;
  gap: 4px;
  border: 0;
  margin: 12px 0 0;
  padding: 0;
  min-width: 0;
}
.look:disabled {
  opacity: 0.6;
}
.row {
  margin-bottom: 8px;
}
summary {
  font-size: 13px;
  margin: 4px 0;
}
</style>
