<script setup lang="ts">
import type { Schemas } from '../api'
import { rich, t } from './texts'
import { RichText } from '../texts'

/** What would come of it, row by row. */
const props = defineProps<{ trial: Schemas['TrialView'] }>()
const outcomes: Record<string, { name: string; tone: string }> = {
  make: { name: t('becomesPost'), tone: 'v' },
  skip: { name: t('alreadyImported'), tone: 'plain' },
  refuse: { name: t('refused'), tone: 'm' },
}
</script>

<template>
  <section :aria-label="t('importPreview')">
    <h2 class="group">{{ t('importPreview') }}</h2>
    <p class="sum" role="status">
      <RichText
        :of="
          rich('trialSum', {
            make: props.trial.make,
            skip: props.trial.skip,
            refuse: props.trial.refuse,
            tidied: props.trial.tidied,
          })
        "
        ><template #good="{ text }"
          ><b class="v">{{ text }}</b></template
        ><template #bad="{ text }"
          ><b class="m">{{ text }}</b></template
        ></RichText
      >
    </p>
    <table class="ruled">
      <thead>
        <tr>
          <th>{{ t('row') }}</th>
          <th>{{ t('outcome') }}</th>
          <th>{{ t('titleStartText') }}</th>
          <th class="wide">{{ t('date') }}</th>
          <th class="wide">{{ t('author') }}</th>
          <th class="wide">{{ t('categoryTags') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in props.trial.rows" :key="row.number">
          <td class="num">{{ row.number }}</td>
          <td>
            <span class="tag" :class="outcomes[row.outcome]!.tone">{{ outcomes[row.outcome]!.name }}</span>
          </td>
          <td>
            <span class="t">{{ row.title }}</span>
            <p v-if="row.reason" :class="row.outcome === 'refuse' ? 'm' : 'o'">{{ row.reason }}</p>
            <p v-else class="soft small">{{ row.start }}</p>
          </td>
          <td class="wide soft when">
            {{ row.status === 'draft' ? t('dateDraft', { date: row.date ?? '' }) : row.date }}
          </td>
          <td class="wide soft">{{ row.author }}</td>
          <td class="wide soft">{{ [row.category, ...row.tags].filter(Boolean).join(', ') }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.sum {
  margin: 10px 0;
  font: 400 19px/1.4 var(--title);
}
p {
  margin: 2px 0 0;
}
.when {
  white-space: nowrap;
}
@media (max-width: 860px) {
  .wide {
    display: none;
  }
}
</style>
