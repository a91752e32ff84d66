<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import type { Schemas } from '../../api'
import { t } from '../texts'

const props = defineProps<{
  source: string
  findings: Schemas['FindingView'][]
  picked: Schemas['FindingView'] | null
}>()
const emit = defineEmits<{ pick: [finding: Schemas['FindingView']] }>()
const box = ref<HTMLElement | null>(null)
const all = computed(() => props.source.split('\n'))
const around = 400
// A long feed is shown around the line that matters; thousands of lines at once would stop the page.
const window_ = computed(() => {
  const middle = props.picked?.line ?? 1
  const from =
    all.value.length <= around * 2 ? 0 : Math.max(0, Math.min(middle - around, all.value.length - around * 2))
  return { from, lines: all.value.slice(from, from + around * 2) }
})
const marked = computed(() => {
  const lines = new Map<number, Schemas['FindingView']>()
  for (const finding of props.findings)
    if (finding.line !== null && !lines.has(finding.line)) lines.set(finding.line, finding)
  return lines
})
const tone = (line: number) => ({ error: 'e', warning: 'w', advice: 'a' })[marked.value.get(line)?.severity ?? 'advice']

watch(
  () => props.picked,
  async (_, before) => {
    await nextTick()
    const line = box.value?.querySelector<HTMLElement>('.picked')
    if (!line) return
    // At first only the source moves: where it stands below the findings, the verdict is to be read before it.
    if (before === undefined) box.value!.scrollTop = line.offsetTop - box.value!.clientHeight / 2
    else line.scrollIntoView({ block: 'center' })
  },
  { immediate: true },
)
</script>

<template>
  <div ref="box" class="source" tabindex="0" :aria-label="t('sourceFeed')">
    <template v-for="(text, index) in window_.lines" :key="window_.from + index">
      <div
        class="line"
        :class="[
          marked.has(window_.from + index + 1) ? tone(window_.from + index + 1) : '',
          { picked: props.picked?.line === window_.from + index + 1 },
        ]"
        @click="marked.has(window_.from + index + 1) && emit('pick', marked.get(window_.from + index + 1)!)"
      >
        <i>{{ window_.from + index + 1 }}</i><code>{{ text || ' ' }}</code>
      </div>
      <div v-if="props.picked?.line === window_.from + index + 1" class="note">
        <b>{{ props.picked.message }}.</b> {{ props.picked.fix }}<br /><span class="address">{{
          props.picked.path
        }}</span>
      </div>
    </template>
  </div>
</template>

<style scoped>
.source {
  overflow: auto;
  padding: 8px 0 40px;
  font: 500 13px/1.75 var(--mono);
  flex: 1;
  min-height: 0;
  position: relative;
}
.line {
  display: flex;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  padding-right: 16px;
}
.line i {
  flex: none;
  width: 62px;
  padding-right: 14px;
  text-align: right;
  font-style: normal;
  color: var(--soft);
  user-select: none;
}
.line.e {
  background: var(--wash-m);
  cursor: pointer;
}
.line.e i {
  color: var(--madder);
  font-weight: 800;
}
.line.e i::before {
  content: '✕ ';
}
.line.w {
  background: var(--wash-o);
  cursor: pointer;
}
.line.w i {
  color: var(--ochre);
  font-weight: 800;
}
.line.w i::before {
  content: '△ ';
}
.line.a {
  background: var(--wash-v);
  cursor: pointer;
}
.line.picked code {
  border-bottom: 2px solid var(--madder);
}
.line.w.picked code {
  border-color: var(--ochre);
}
.line.a.picked code {
  border-color: var(--verdigris);
}
.note {
  margin: 4px 20px 8px 62px;
  font: 400 14px/1.45 var(--sans);
  border-left: 3px solid var(--verdigris);
  padding: 6px 12px;
  background: var(--paper);
}
</style>
