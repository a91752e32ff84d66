<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../api'
import { WhenText } from '../shared'
import { rich, t } from './texts'
import { RichText } from '../texts'

const props = defineProps<{ edition: Schemas['EditionView']; isOn: boolean; zone: string | undefined }>()
const emit = defineEmits<{ pick: [] }>()
const share = (part: number) => `${(100 * part) / Math.max(1, props.edition.total)}%`
const state = computed(() => {
  const one = props.edition
  if (one.pausedAt) return t('paused')
  if (one.state === 'gathering') return t('preparingRecipients')
  if (one.state === 'cancelled') return t('cancelled')
  return one.open ? t('sending') : ''
})
const results = computed(() => {
  const one = props.edition
  return [
    one.clicks !== null ? t('clicksClicks', { clicks: one.clicks }) : '',
    one.opens !== null ? t('opensOpens', { opens: one.opens }) : '',
    one.left ? t('leftUnsubscribed', { left: one.left }) : '',
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
      ><b v-if="state" class="o">{{ state }}. </b
      ><RichText
        :of="
          rich('editionSum', {
            digest: props.edition.digest,
            delivered: props.edition.delivered,
            total: props.edition.total,
            open: props.edition.open,
            failed: props.edition.failed,
            cancelled: props.edition.cancelled,
          })
        "
        ><template #bad="{ text }"
          ><b class="m">{{ text }}</b></template
        ></RichText
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
