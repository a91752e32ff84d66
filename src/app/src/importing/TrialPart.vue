<script setup lang="ts">
import type { Schemas } from '../api'
import { counted } from '../shared'

/** What would come of it, row by row. */
const props = defineProps<{ trial: Schemas['TrialView'] }>()
const outcomes: Record<string, { name: string; tone: string }> = {
  make: { name: 'Becomes a post', tone: 'v' },
  skip: { name: 'Already imported', tone: 'plain' },
  refuse: { name: 'Refused', tone: 'm' },
}
</script>

<template>
  <section aria-label="Import preview">
    <h2 class="group">Import preview</h2>
    <p class="sum" role="status">
      <b class="v">{{ counted(props.trial.make, 'post') }}</b> will be created<template v-if="props.trial.skip"
        >, {{ counted(props.trial.skip, 'row is', 'rows are') }} already imported</template
      ><template v-if="props.trial.refuse"
        >, <b class="m">{{ counted(props.trial.refuse, 'row') }}</b> will be rejected</template
      >.
      <template v-if="props.trial.tidied"> {{ counted(props.trial.tidied, 'clean-up') }}.</template>
    </p>
    <table class="ruled">
      <thead>
        <tr>
          <th>Row</th>
          <th>Outcome</th>
          <th>Title and start of the text</th>
          <th class="wide">Date</th>
          <th class="wide">Author</th>
          <th class="wide">Category, tags</th>
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
          <td class="wide soft when">{{ row.date }}{{ row.status === 'draft' ? ' (draft)' : '' }}</td>
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
