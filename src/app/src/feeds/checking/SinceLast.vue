<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { SeverityMark, WhenText } from '../../shared'
import { RichText } from '../../texts'
import { rich, t } from '../texts'

/** What became another since this feed was checked before. */
const props = defineProps<{ since: Schemas['CheckSinceView']; zone?: string }>()
const open = ref(false)
const came = computed(() => props.since.changes.filter((change) => change.before === 0).length)
const gone = computed(() => props.since.changes.filter((change) => change.now === 0).length)
const words = computed(() =>
  props.since.changes.length === 0
    ? t('sinceNothing')
    : t('sinceChanged', {
        came: came.value,
        gone: gone.value,
        rest: props.since.changes.length - came.value - gone.value,
      }),
)
const tone = (change: Schemas['RuleChangeView']) =>
  change.now === 0 ? t('sinceFixed') : change.before === 0 ? t('sinceNew') : `${change.before} → ${change.now}`
</script>

<template>
  <div class="since small">
    <RichText :of="rich('sinceLast')"
      ><template #when><WhenText :at="props.since.at" :zone="props.zone" /></template
    ></RichText>
    {{ words }}
    <button v-if="props.since.changes.length" type="button" class="link" :aria-expanded="open" @click="open = !open">
      {{ open ? t('hideChanges') : t('showChanges') }}
    </button>
    <ul v-if="open">
      <li v-for="change in props.since.changes" :key="change.rule">
        <SeverityMark :severity="change.severity" /><span :class="{ past: change.now === 0 }">{{ change.message }}</span
        ><b>{{ tone(change) }}</b>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.since {
  padding: 10px 0 2px;
}
ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 20px 1fr auto;
  gap: 10px;
  padding: 5px 0;
  border-top: 1px solid var(--hair);
}
li span {
  overflow-wrap: anywhere;
}
li b {
  white-space: nowrap;
  font-weight: 600;
}
.past {
  color: var(--soft);
}
</style>
