<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { PageTitle, TickChip, useQueryValue, useSite } from '../../shared'
import AskFeed from './AskFeed.vue'
import FindingList from './FindingList.vue'
import FormatView from './FormatView.vue'
import FoundOn from './FoundOn.vue'
import LetterView from './LetterView.vue'
import ReaderView from './ReaderView.vue'
import RepairView from './RepairView.vue'
import ReportMenu from './ReportMenu.vue'
import SinceLast from './SinceLast.vue'
import SourceView from './SourceView.vue'
import { useCheck } from './useCheck'
import WatchIt from './WatchIt.vue'
import { feedFormats, verdicts } from '../words'
import { t } from '../texts'

const { site } = useSite()
const tab = useQueryValue('tab')
const tabs = [
  ['', t('source')],
  ['readers', t('readerView')],
  ['repaired', t('correctedFeed')],
  ['format', t('convert')],
  ['letter', t('letter')],
] as const
const shown = computed(() => tabs.find(([value]) => value === tab.value)?.[0] ?? '')
const at = ref(0)
const { id, url, result, act, feedUrl, again, checkAddress, checkText, checkFile, restart } = useCheck()
const page = computed(() => result.value?.page ?? null)
watch(result, () => (at.value = 0))
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
const report = (format: string) =>
  take(
    api.GET('/api/sites/{site}/feeds/checks/{check}/report', {
      params: { path: { site: id.value, check: result.value!.id }, query: { format } },
      parseAs: 'text',
    }),
  )
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
      ><v-btn variant="text" @click="restart">{{ t('checkAnother') }}</v-btn
      ><ReportMenu :read="report" /><v-btn :loading="act.running.value" @click="again">{{
        t('checkAgain')
      }}</v-btn></template
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
    @file="checkFile"
  />
  <div v-else-if="result" class="work split">
    <div class="left">
      <p class="small soft about">{{ about }} <WatchIt v-if="page.address" :url="page.address" /></p>
      <FoundOn :result="result" :site-id="id" />
      <SinceLast v-if="result.since" :since="result.since" :zone="site?.timeZone" />
      <div v-if="tolerated > 0" class="filter">
        <TickChip v-model="hidesTolerated">{{ t('hideTolerated', { count: tolerated }) }}</TickChip>
      </div>
      <FindingList v-model="at" :check="page.check" :hides-tolerated="hidesTolerated" />
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
      <RepairView v-else-if="shown === 'repaired'" :url="feedUrl" :source="page.source" />
      <FormatView v-else-if="shown === 'format'" :url="feedUrl" :source="page.source" :from="page.check.format" />
      <LetterView v-else-if="shown === 'letter'" :site-id="id" :check="result.id" />
      <ReaderView v-else :url="feedUrl" :source="page.source" />
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
