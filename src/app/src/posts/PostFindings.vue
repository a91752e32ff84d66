<script setup lang="ts">
import type { Schemas } from '../api'
import { SeverityMark } from '../shared'
import { t } from './texts'

const props = defineProps<{
  title?: string
  findings: Schemas['CheckFindingView'][]
  links: Schemas['CheckFindingView'][] | null
  isChecking: boolean
  trouble: string
}>()
const emit = defineEmits<{ links: [] }>()
</script>

<template>
  <section :aria-label="props.title ?? t('checksBeforePublishing')">
    <h2 class="group">{{ props.title ?? t('checksBeforePublishing') }}</h2>
    <p v-if="props.findings.length === 0" class="small soft none">{{ t('noProblems') }}</p>
    <ul v-else>
      <li v-for="(finding, index) in props.findings" :key="index" :data-rule="finding.rule">
        <SeverityMark :severity="finding.severity" />
        <div>
          {{ finding.message }}
          <p class="small soft">{{ finding.fix }}</p>
        </div>
      </li>
    </ul>
    <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
    <p class="small">
      <button type="button" class="link" :disabled="props.isChecking" @click="emit('links')">
        {{ props.isChecking ? t('checkingLinks') : t('checkLinks') }}
      </button>
      <span v-if="props.links && props.links.length === 0" class="soft" role="status"> {{ t('allLinksWork') }}</span>
    </p>
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0 0 8px;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 6px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 14px;
  overflow-wrap: anywhere;
}
.none {
  padding: 8px 0;
}
</style>
