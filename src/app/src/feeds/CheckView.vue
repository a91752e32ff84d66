<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../api'
import { PageTitle, useAct, useQueryValue } from '../shared'
import AskFeed from './AskFeed.vue'
import FindingList from './FindingList.vue'
import FormatView from './FormatView.vue'
import ReaderView from './ReaderView.vue'
import RepairView from './RepairView.vue'
import SourceView from './SourceView.vue'
import WatchIt from './WatchIt.vue'
import { feedFormats, verdicts } from './words'
import { t } from './texts'

const url = useQueryValue('url')
const tab = useQueryValue('tab')
const tabs = [
  ['', t('source')],
  ['readers', t('readerView')],
  ['repaired', t('correctedFeed')],
  ['format', t('convert')],
] as const
const shown = computed(() => tabs.find(([value]) => value === tab.value)?.[0] ?? '')
const at = ref(0)
const page = ref<Schemas['FeedCheckPage'] | null>(null)
const pasted = ref('')
const act = useAct()
const findings = computed(() => page.value?.check.findings ?? [])
const hidesTolerated = ref(false)
const tolerated = computed(() => findings.value.filter((finding) => finding.readersCope).length)
const picked = computed(() => findings.value[at.value] ?? null)
const state = computed(() => {
  const check = page.value?.check
  if (!check) return ''
  const count = (severity: Schemas['Severity']) =>
    check.findings.filter((finding) => finding.severity === severity).length
  const format = check.format ? `${feedFormats[check.format]} ${check.version ?? ''}`.trim() + ', ' : ''
  return `${format}${t('entries', { items: check.feed?.items.length ?? 0 })}, ${t('errors', { errors: count('error') })}, ${t('warnings', { warnings: count('warning') })}, ${t('suggestions', { suggestions: count('advice') })}.`
})
const about = computed(() =>
  page.value
    ? [page.value.address ?? t('pastedText'), t('bytesBytes', { bytes: page.value.bytes }), page.value.contentType]
        .filter(Boolean)
        .join(' · ')
    : '',
)

async function checkAddress(): Promise<void> {
  at.value = 0
  page.value =
    (await act.run(() => take(api.GET('/api/feeds/check', { params: { query: { url: url.value } } })))) ?? null
}

async function checkText(text: string): Promise<void> {
  at.value = 0
  pasted.value = text
  page.value =
    (await act.run(() => take(api.POST('/api/feeds/check-text', { body: { text, contentType: null } })))) ?? null
}

function again(): void {
  if (url.value) void checkAddress()
  else void checkText(pasted.value)
}

function restart(): void {
  url.value = ''
  page.value = null
}
watch(url, (now) => now && void checkAddress(), { immediate: true })
</script>

<template>
  <PageTitle :title="t('checkFeed2')">
    <template #state
      ><template v-if="page"
        ><b :class="verdicts[page.check.verdict].tone">{{ verdicts[page.check.verdict].sentence }}</b>
        {{ state }}</template
      ><template v-else>{{ t('checkAnyFeedBy') }}</template></template
    >
    <template v-if="page" #act
      ><v-btn variant="outlined" @click="restart">{{ t('checkAnother') }}</v-btn
      ><v-btn :loading="act.running.value" @click="again">{{ t('checkAgain') }}</v-btn></template
    >
  </PageTitle>
  <AskFeed
    v-if="!page"
    :address="url"
    :busy="act.running.value"
    :fields="act.fields.value"
    :trouble="act.trouble.value"
    @address="url === $event ? checkAddress() : (url = $event)"
    @text="checkText"
  />
  <div v-else class="work split">
    <div class="left">
      <p class="small soft about">{{ about }} <WatchIt v-if="page.address" :url="page.address" /></p>
      <div v-if="tolerated > 0" class="filter">
        <button
          type="button"
          class="chip"
          :class="{ on: hidesTolerated }"
          :aria-pressed="hidesTolerated"
          @click="hidesTolerated = !hidesTolerated"
        >
          {{ t('hideTolerated', { count: tolerated }) }}
        </button>
      </div>
      <FindingList v-model="at" :findings="findings" :hides-tolerated="hidesTolerated" />
      <div v-if="findings.length === 0" class="hint">{{ t('noProblemsFound') }}</div>
    </div>
    <div class="right">
      <div class="tabs inset" role="tablist">
        <button
          v-for="[value, name] in tabs"
          :key="value"
          role="tab"
          :aria-selected="shown === value"
          :class="{ on: shown === value }"
          @click="tab = value"
        >
          {{ name }}
        </button>
      </div>
      <SourceView
        v-if="shown === ''"
        :source="page.source"
        :findings="findings"
        :picked="picked"
        @pick="at = findings.indexOf($event)"
      />
      <RepairView v-else-if="shown === 'repaired'" :url="url" :source="page.source" />
      <FormatView v-else-if="shown === 'format'" :url="url" :source="page.source" :from="page.check.format" />
      <ReaderView v-else :url="url" :source="page.source" />
    </div>
  </div>
</template>

<style scoped>
.left {
  width: 500px;
  flex: none;
  padding: 0 24px 40px;
}
.filter {
  padding-top: 12px;
}
.about {
  padding-top: 12px;
  overflow-wrap: anywhere;
}
.right {
  flex: 1;
  min-width: 0;
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  display: flex;
  flex-direction: column;
}
@media (max-width: 860px) {
  .left {
    width: auto;
    padding: 0 16px 20px;
  }
  .right {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
</style>
