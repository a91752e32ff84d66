<script setup lang="ts">
import { mdiCrosshairs } from '@mdi/js'
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, lineOf, take } from '../../api'
import { OneOf, TickChip, useQueryValue, WidthChoice } from '../../shared'
import { placeFragment } from './placeFragment'
import { pointAt } from './pointAt'
import { t } from '../texts'

const spot = defineModel<string | null>('spot', { required: true })
const props = defineProps<{
  siteId: number
  listingId: number
  listingKey: string
  address: string
  html: string | null
  mayEdit: boolean
}>()
const width = useQueryValue('width')
const sample = useQueryValue('sample')
const light = useQueryValue('light')
const pointing = ref(false)
const samples = [
  ['', t('realContent')],
  ['longTitles', t('longTitles')],
  ['noPictures', t('noPictures')],
  ['empty', t('noPosts')],
] as const
const frame = ref<HTMLIFrameElement | null>(null)
const {
  data: page,
  error,
  isPending,
} = useQuery({
  queryKey: ['host', () => props.siteId, () => props.listingId, () => props.address],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/listings/{listing}/page', {
        params: { path: { site: props.siteId, listing: props.listingId }, query: { address: props.address } },
      }),
    ),
  staleTime: 60_000,
})
const shown = computed(() => props.address.replace(/^https?:\/\//, ''))

// The frame may not run scripts, but shares our origin, so that a change can be put into it without loading the page again.
function place(): void {
  const inside = frame.value?.contentDocument
  // Before the page's own style sheets are there, its type and colours cannot be told.
  if (inside?.readyState !== 'complete' || !inside.body || props.html === null) return
  placeFragment(inside, props.html, {
    key: props.listingKey,
    spot: spot.value,
    isRightToLeft: light.value.includes('rtl'),
  })
}
watch([() => props.html, spot, light], place)

async function point(): Promise<void> {
  const inside = frame.value?.contentDocument
  if (!inside || pointing.value) return
  pointing.value = true
  const selector = await pointAt(inside)
  pointing.value = false
  if (selector) spot.value = selector
}

/** Dark and right to left are kept in one value of the address. */
function toggle(name: 'dark' | 'rtl'): void {
  const now = light.value.split('-').filter(Boolean)
  light.value = (now.includes(name) ? now.filter((one) => one !== name) : [...now, name]).join('-')
}
</script>

<template>
  <div class="frame-bar">
    <b>{{ shown }}</b><span>{{ page?.hasListing ? t('pageListing') : page ? t('previewNotPageYet') : '' }}</span>
    <div class="widths">
      <WidthChoice v-model="width" />
    </div>
  </div>
  <div class="frame-bar tries">
    <OneOf v-model="sample" wide :label="t('testContent')" :choices="samples" />
    <span class="chips" role="group" :aria-label="t('testDisplay')">
      <TickChip :model-value="light.includes('dark')" @update:model-value="toggle('dark')">{{ t('dark') }}</TickChip>
      <TickChip :model-value="light.includes('rtl')" @update:model-value="toggle('rtl')">{{ t('rightLeft') }}</TickChip>
    </span>
    <button
      v-if="props.mayEdit && page"
      class="chip point"
      :class="{ on: pointing }"
      :aria-pressed="pointing"
      @click="point"
    >
      <v-icon :icon="mdiCrosshairs" size="15" />
      {{ pointing ? t('clickElementShouldFollow') : t('choosePosition') }}
    </button>
  </div>
  <div class="frame-desk">
    <p v-if="isPending" class="waiting">{{ t('loadingPage') }}</p>
    <div v-else-if="error" class="trouble" role="alert">
      {{ lineOf(error) }} <span v-if="props.html">{{ t('listingItselfReady') }}</span>
    </div>
    <iframe
      v-else
      ref="frame"
      :title="t('pageListing2')"
      sandbox="allow-same-origin"
      :srcdoc="page?.html"
      :style="{ width: width ? `${width}px` : '100%', colorScheme: light.includes('dark') ? 'dark' : 'light' }"
      @load="place"
    />
  </div>
</template>

<style scoped>
.frame-bar b {
  color: var(--ink);
  overflow-wrap: anywhere;
}
.tries {
  padding-block: 6px;
}
.point {
  margin-left: auto;
}
.widths {
  margin-left: auto;
  display: flex;
  gap: 6px;
}
.trouble {
  align-self: start;
  background: var(--sheet);
}
</style>
