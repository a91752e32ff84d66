<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { counted, useAct } from '../../shared'

/** Fetches pages and says what is wrong with the threads on them. */
const props = defineProps<{ siteId: number; siteAddress: string | undefined }>()
const addresses = ref('')
const result = ref<Schemas['ThreadCheckView'] | null>(null)
const { running, fields, trouble, run } = useAct()
const faults: Record<Schemas['ThreadFault'], (value: string) => { what: string; remedy: string }> = {
  missing: () => ({ what: 'has no comment snippet', remedy: 'Paste the snippet, save and publish the page.' }),
  several: (value) => ({
    what: `carries more than one thread (${value})`,
    remedy: 'Remove all but one; otherwise visitors see two forms.',
  }),
  noIdentifier: () => ({
    what: 'has a thread without identifier',
    remedy: 'Add one; otherwise a new address starts a new thread.',
  }),
  unfilled: (value) => ({
    what: `shows the placeholder ${value}`,
    remedy: 'The template does not fill in placeholders there. Paste it into the post template.',
  }),
  sameIdentifier: (value) => ({
    what: `shares the identifier “${value}” with another page`,
    remedy: 'Both pages show the same thread. Use an ID that differs per page.',
  }),
  addressDiffers: (value) => ({
    what: `names ${value}, which is not its canonical address`,
    remedy: 'Make both the same, so that links to comments lead here.',
  }),
  noScript: () => ({
    what: 'does not load our script',
    remedy: 'Paste the snippet whole; without the script readers get a link only.',
  }),
  otherSite: (value) => ({
    what: `carries the thread of another site (${value})`,
    remedy: 'Copy the snippet of this site.',
  }),
}
const good = computed(() =>
  result.value
    ? result.value.pages.filter((page) => !result.value!.findings.some((finding) => finding.page === page))
    : [],
)

async function check(): Promise<void> {
  const body = { addresses: addresses.value.split('\n') }
  result.value =
    (await run(() =>
      take(api.POST('/api/sites/{site}/threads/check', { params: { path: { site: props.siteId } }, body })),
    )) ?? null
}
</script>

<template>
  <form class="form mt-3" novalidate @submit.prevent="check">
    <v-textarea
      v-model="addresses"
      label="Page addresses (one per line)"
      :placeholder="props.siteAddress"
      rows="3"
      :error-messages="fields.addresses"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div><v-btn type="submit" :loading="running">Check pages</v-btn></div>
  </form>
  <div v-if="result" class="found" role="status">
    <p v-if="good.length" class="v">{{ counted(good.length, 'page') }} OK.</p>
    <p v-for="page in result.unreachable" :key="page.address">
      <b class="address">{{ page.address }}</b><br /><span class="m">{{ page.problem }}</span>
    </p>
    <p v-for="(one, number) in result.findings" :key="number">
      <b class="address">{{ one.page }}</b> {{ faults[one.fault](one.value ?? '').what }}.<br /><span class="soft">{{
        faults[one.fault](one.value ?? '').remedy
      }}</span>
    </p>
  </div>
</template>

<style scoped>
.found {
  display: grid;
  gap: 10px;
  margin-top: 16px;
  font-size: 14.5px;
  overflow-wrap: anywhere;
}
</style>
