<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { useAct } from '../../shared'
import { t } from '../texts'

/** Fetches pages and says what is wrong with the threads on them. */
const props = defineProps<{ siteId: number; siteAddress: string | undefined }>()
const addresses = ref('')
const result = ref<Schemas['ThreadCheckView'] | null>(null)
const { running, fields, trouble, run } = useAct()
const faults: Record<Schemas['ThreadFault'], (value: string) => { what: string; remedy: string }> = {
  missing: () => ({ what: t('hasNoCommentSnippet'), remedy: t('pasteSnippetSavePublish') }),
  several: (value) => ({
    what: t('carriesMoreThanOne', { value }),
    remedy: t('removeAllButOne'),
  }),
  noIdentifier: () => ({
    what: t('hasThreadWithoutIdentifier'),
    remedy: t('addOneOtherwiseNew'),
  }),
  unfilled: (value) => ({
    what: t('showsPlaceholderValue', { value }),
    remedy: t('templateDoesNotFill'),
  }),
  sameIdentifier: (value) => ({
    what: t('sharesIdentifierValueAnother', { value }),
    remedy: t('bothPagesShowSame'),
  }),
  addressDiffers: (value) => ({
    what: t('namesValueWhichNot', { value }),
    remedy: t('makeBothSameSo'),
  }),
  noScript: () => ({
    what: t('doesNotLoadOur'),
    remedy: t('pasteSnippetWholeWithout'),
  }),
  otherSite: (value) => ({
    what: t('carriesThreadAnotherSite', { value }),
    remedy: t('copySnippetSite'),
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
      :label="t('pageAddressesOnePer')"
      :placeholder="props.siteAddress"
      rows="3"
      :error-messages="fields.addresses"
    />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <v-btn type="submit" :loading="running">{{ t('checkPages') }}</v-btn>
    </div>
  </form>
  <div v-if="result" class="found" role="status">
    <p v-if="good.length" class="v">{{ t('pagesOk', { good: good.length }) }}</p>
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
