<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, take } from '../api/client'
import { lineOf } from '../api/problem'
import { useQueryValue } from '../shared/useQueryValue'
import { placeFragment } from './placeFragment'

const props = defineProps<{ siteId: number; listingId: number; listingKey: string; address: string; html: string | null }>()
const width = useQueryValue('width')
const widths = [
  ['390', 'Phone'],
  ['768', 'Tablet'],
  ['', 'Desktop'],
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
  if (inside?.body && props.html !== null) placeFragment(inside, props.listingKey, props.html)
}
watch(() => props.html, place)
</script>

<template>
  <div class="bar">
    <b>{{ shown }}</b><span>{{
      page?.hasListing ? 'your page, with the listing in it' : page ? 'your page; the listing is not on it yet and stands where it could be' : ''
    }}</span>
    <div class="widths">
      <button v-for="[value, name] in widths" :key="name" class="chip" :class="{ on: width === value }" :aria-pressed="width === value" @click="width = value">
        {{ name }}
      </button>
    </div>
  </div>
  <div class="desk">
    <p v-if="isPending" class="waiting">Fetching your page …</p>
    <div v-else-if="error" class="trouble" role="alert">{{ lineOf(error) }} <span v-if="props.html">The listing itself is ready all the same.</span></div>
    <iframe
      v-else
      ref="frame"
      title="Your page with the listing in it"
      sandbox="allow-same-origin"
      :srcdoc="page?.html"
      :style="{ width: width ? `${width}px` : '100%' }"
      @load="place"
    />
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 9px 18px;
  font-size: 13.5px;
  color: var(--soft);
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}
.bar b {
  color: var(--ink);
  overflow-wrap: anywhere;
}
.widths {
  margin-left: auto;
  display: flex;
  gap: 6px;
}
.desk {
  flex: 1;
  min-height: 0;
  padding: 16px 18px 0;
  display: flex;
  justify-content: center;
  overflow: auto;
}
iframe {
  border: 1px solid var(--rule);
  border-bottom: 0;
  background: #fff;
  height: 100%;
  color-scheme: light;
  max-width: 100%;
}
.trouble {
  align-self: start;
  background: var(--sheet);
}
</style>
