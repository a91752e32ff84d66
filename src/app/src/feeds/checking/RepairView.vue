<script setup lang="ts">
import { diffLines } from 'diff'
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, download, useAct } from '../../shared'
import PublishRepaired from './PublishRepaired.vue'
import { t } from '../texts'

const props = defineProps<{ url: string; source: string }>()
const repair = ref<Schemas['FeedRepairView'] | null>(null)
const whole = ref(false)
const act = useAct()
const around = 3
/** Lines of both documents; long stretches that are the same in both are left out until they are asked for. */
const lines = computed(() => {
  if (!repair.value?.repaired) return []
  const all = diffLines(laidOut(props.source), repair.value.repaired).flatMap((part) => {
    const kind = part.added ? 'added' : part.removed ? 'removed' : 'same'
    return part.value
      .replace(/\n$/, '')
      .split('\n')
      .map((text) => ({ kind, text }))
  })
  if (whole.value) return all
  const near = all.map((_, index) =>
    all.slice(Math.max(0, index - around), index + around + 1).some((line) => line.kind !== 'same'),
  )
  return all.flatMap((line, index) => (near[index] ? [line] : near[index - 1] ? [{ kind: 'gap', text: '…' }] : []))
})

/** JSON is written back laid out; compared as it came, every line would be another. */
function laidOut(source: string): string {
  if (!source.trimStart().startsWith('{')) return source
  try {
    return JSON.stringify(JSON.parse(source), null, 2)
  } catch {
    return source
  }
}

async function load(): Promise<void> {
  repair.value =
    (await act.run(() =>
      props.url
        ? take(api.GET('/api/feeds/repair', { params: { query: { url: props.url } } }))
        : take(api.POST('/api/feeds/repair-text', { body: { text: props.source, contentType: null } })),
    )) ?? null
}

function save(): void {
  const text = repair.value!.repaired!
  download(text, text.trimStart().startsWith('{') ? 'feed.json' : 'feed.xml', 'application/xml')
}
watch(() => props.source, load, { immediate: true })
</script>

<template>
  <div class="repair">
    <p v-if="act.running.value" class="waiting" role="status">{{ t('correcting') }}</p>
    <p v-else-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
    <template v-else-if="repair">
      <p v-if="repair.repaired === null" class="say">{{ t('notFeed') }}</p>
      <template v-else>
        <div class="row say">
          <b>{{
            repair.changes.length ? `${t('changes', { changes: repair.changes.length })}.` : t('nothingChange')
          }}</b>
          <span class="soft">{{
            repair.remaining.length
              ? t('problemsNeedManualFixing', { remaining: repair.remaining.length })
              : t('noProblemsLeft')
          }}</span>
          <CopyButton :text="repair.repaired" :label="t('copyRepairedFeed')" />
          <button type="button" class="link small" @click="save">{{ t('download') }}</button>
          <PublishRepaired v-if="props.url" :url="props.url" />
        </div>
        <ul class="small">
          <li v-for="(change, index) in repair.changes" :key="index">
            <i>{{ change.line ?? '–' }}</i>{{ change.description }} <span class="soft">{{ change.rule }}</span>
          </li>
        </ul>
        <div v-if="repair.changes.length" class="lines" tabindex="0" :aria-label="t('differences')">
          <div v-for="(line, index) in lines" :key="index" :class="line.kind">
            <span aria-hidden="true">{{ { added: '+', removed: '−' }[line.kind] ?? ' ' }}</span><code>{{
              line.text || ' '
            }}</code>
          </div>
        </div>
        <button v-if="repair.changes.length" type="button" class="link small say" @click="whole = !whole">
          {{ whole ? t('onlyWhatChanged') : t('wholeFeed') }}
        </button>
      </template>
    </template>
  </div>
</template>

<style scoped>
.repair {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding-bottom: 40px;
}
.say {
  padding: 14px 20px 8px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0 20px;
}
li {
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
}
li i {
  display: inline-block;
  width: 40px;
  color: var(--soft);
  font: 12.5px var(--mono);
}
.lines {
  margin-top: 12px;
  font: 500 13px/1.7 var(--mono);
  overflow-x: auto;
}
.lines div {
  display: flex;
  gap: 10px;
  padding: 0 20px;
  min-width: max-content;
}
.lines span {
  width: 10px;
  flex: none;
}
.lines code {
  white-space: pre;
}
.added {
  background: var(--wash-v);
  box-shadow: inset 3px 0 var(--verdigris);
}
.removed {
  background: var(--wash-m);
  box-shadow: inset 3px 0 var(--madder);
}
.gap {
  color: var(--soft);
}
</style>
