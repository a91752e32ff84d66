<script setup lang="ts">
import type { Schemas } from '../api'
import { feedFormats, verdicts } from '../feeds'
import { WhenText } from '../shared'
import { rich, t } from './texts'
import { RichText } from '../texts'

const props = defineProps<{ candidate: Schemas['CandidateView']; busy: boolean }>()
const emit = defineEmits<{ choose: [] }>()
</script>

<template>
  <article class="candidate">
    <div>
      <h3>{{ props.candidate.title ?? t('untitledFeed') }}</h3>
      <p class="address">{{ props.candidate.address }}</p>
      <p class="soft small">
        <RichText
          :of="
            rich('formatEntriesNewest', {
              format: `${feedFormats[props.candidate.format ?? 'rss']} ${props.candidate.version}`,
              entries: props.candidate.entries,
            })
          "
          ><template #when><WhenText :at="props.candidate.newest" /></template
        ></RichText>
      </p>
      <p class="small why">{{ t('whyFeedReason', { reason: props.candidate.reason }) }}</p>
      <ul>
        <li v-for="title in props.candidate.latest" :key="title" class="t">{{ title }}</li>
      </ul>
    </div>
    <div class="side">
      <span class="tag" :class="verdicts[props.candidate.verdict].tone">{{
        verdicts[props.candidate.verdict].short
      }}</span>
      <v-btn :loading="props.busy" @click="emit('choose')">{{ t('followFeed') }}</v-btn>
      <p v-if="props.candidate.errors" class="small soft">
        {{ t('errorsWarningsReadableEntries', { errors: props.candidate.errors, warnings: props.candidate.warnings }) }}
      </p>
    </div>
  </article>
</template>

<style scoped>
.candidate {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px 28px;
  padding: 16px 0;
  border-bottom: 1px solid var(--hair);
}
h3 {
  font-size: 20px;
}
ul {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 2px 0 2px 12px;
  border-left: 2px solid var(--rule);
  font-size: 16px;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-end;
  max-width: 220px;
  text-align: right;
}
@media (max-width: 600px) {
  .candidate {
    grid-template-columns: 1fr;
  }
  .side {
    align-items: flex-start;
    text-align: left;
  }
}
</style>
