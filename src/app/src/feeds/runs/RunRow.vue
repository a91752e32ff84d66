<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { WhenText } from '../../shared'
import { RichText } from '../../texts'
import { feedFormats, verdicts } from '../words'
import { rich, t } from '../texts'

/** One feed of several: what its check came to, in a line. */
const props = defineProps<{
  row: Schemas['RunCheckView']
  siteId: number
  zone?: string
  isCancelled: boolean
}>()
const target = computed(() => ({
  path: `/s/${props.siteId}/feeds/check`,
  query: props.row.address ? { url: props.row.address } : { check: String(props.row.id) },
}))
const state = computed(() => {
  if (props.row.verdict) return verdicts[props.row.verdict]
  if (props.row.problem) return { short: t('notRead'), tone: 'm' }
  return { short: props.isCancelled ? t('cancelled') : t('waiting'), tone: 'plain' }
})
const counts = computed(() =>
  props.row.verdict && props.row.verdict !== 'valid'
    ? [
        props.row.errors ? t('errors', { errors: props.row.errors }) : '',
        props.row.warnings ? t('warnings', { warnings: props.row.warnings }) : '',
        props.row.advice ? t('suggestions', { suggestions: props.row.advice }) : '',
      ]
        .filter(Boolean)
        .join(', ')
    : '',
)
const about = computed(() =>
  [
    props.row.format ? feedFormats[props.row.format] : '',
    props.row.verdict ? t('entries', { items: props.row.entries }) : '',
    props.row.repairable ? t('correctedOf', { repairable: props.row.repairable }) : '',
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <article :data-check="props.row.name">
    <div class="what">
      <h3>
        <router-link v-if="props.row.verdict" :to="target">{{
          props.row.title ?? props.row.name
        }}</router-link><template v-else>{{ props.row.title ?? props.row.name }}</template>
      </h3>
      <p v-if="props.row.title" class="address">{{ props.row.name }}</p>
      <p v-if="props.row.foundOn" class="small soft">{{ t('foundThroughPage') }}</p>
    </div>
    <div>
      <span class="tag" :class="state.tone">{{ state.short }}</span>
      <span class="small counts">{{ counts }}</span>
      <p v-if="props.row.problem" class="small">{{ props.row.problem }}</p>
      <p v-if="about" class="small soft">{{ about }}</p>
    </div>
    <div class="small">
      <template v-if="props.row.comparedWith">
        <RichText :of="rich('sinceLast')"
          ><template #when><WhenText :at="props.row.comparedWith" :zone="props.zone" /></template
        ></RichText>
        {{
          props.row.came + props.row.gone === 0
            ? t('sinceNothing')
            : t('sinceChanged', { came: props.row.came, gone: props.row.gone, rest: 0 })
        }}
      </template>
    </div>
  </article>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr) minmax(0, 0.8fr);
  gap: 4px 28px;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
  align-items: start;
}
h3 {
  font-size: 17px;
  overflow-wrap: anywhere;
}
h3 a:hover {
  text-decoration: underline;
}
.address {
  overflow-wrap: anywhere;
}
.counts {
  padding-left: 8px;
}
@media (max-width: 860px) {
  article {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
