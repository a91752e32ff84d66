<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { WhenText } from '../shared'

const props = defineProps<{ edition: Schemas['EditionView']; isOn: boolean; zone: string | undefined }>()
const emit = defineEmits<{ pick: [] }>()
const share = (part: number) => `${(100 * part) / Math.max(1, props.edition.total)}%`
const state = computed(() => {
  const one = props.edition
  if (one.pausedAt) return 'Paused'
  if (one.state === 'gathering') return 'Preparing recipients'
  if (one.state === 'cancelled') return 'Cancelled'
  return one.open ? 'Sending' : ''
})
const results = computed(() => {
  const one = props.edition
  return [
    one.clicks !== null ? `${one.clicks} clicks` : '',
    one.opens !== null ? `${one.opens} opens` : '',
    one.left ? `${one.left} unsubscribed` : '',
  ].filter(Boolean)
})
</script>

<template>
  <button class="line" :class="{ on: props.isOn }" @click="emit('pick')">
    <span class="t">{{ props.edition.title }}</span>
    <span class="soft small"><WhenText :at="props.edition.dueAt" :zone="props.zone" /></span>
    <span class="bar" aria-hidden="true"
      ><i class="good" :style="{ width: share(props.edition.delivered) }" /><i
        class="bad"
        :style="{ width: share(props.edition.failed) }"
    /></span>
    <span class="small soft words"
      ><b v-if="state" class="o">{{ state }}. </b>{{ props.edition.digest }}: {{ props.edition.delivered }} of
      {{ props.edition.total }} delivered<template v-if="props.edition.open"
        >, {{ props.edition.open }} being sent</template
      ><b v-if="props.edition.failed" class="m">, {{ props.edition.failed }} failed</b
      ><template v-if="props.edition.cancelled">, {{ props.edition.cancelled }} cancelled</template
      ><template v-if="results.length">. {{ results.join(', ') }}</template></span
    >
  </button>
</template>

<style scoped>
.line {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 11px 0;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 3px 12px;
  cursor: pointer;
}
.t {
  font-size: 17px;
  line-height: 1.25;
}
.line.on {
  background: var(--sheet);
  margin: 0 -24px;
  padding: 11px 24px;
  width: calc(100% + 48px);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.bar {
  grid-column: 1/3;
  display: flex;
  height: 5px;
  background: var(--hair);
  border-radius: 3px;
  overflow: hidden;
}
.good {
  background: var(--verdigris);
}
.bad {
  background: repeating-linear-gradient(45deg, var(--madder) 0 3px, transparent 3px 5px);
}
.words {
  grid-column: 1/3;
}
@media (max-width: 860px) {
  .line.on {
    margin: 0 -16px;
    padding: 11px 16px;
    width: calc(100% + 32px);
  }
}
</style>
