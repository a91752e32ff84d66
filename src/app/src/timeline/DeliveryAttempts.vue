<script setup lang="ts">
import type { Schemas } from '../api'
import { WhenText } from '../shared'
import { t } from './texts'

/** Every attempt to hand a delivery over, the latest first. */
const props = defineProps<{ attempts: Schemas['ChannelAttemptView'][]; zone: string | undefined }>()
const outcomes: Record<Schemas['SendOutcomeKind'], string> = {
  taken: t('accepted'),
  refused: t('rejected'),
  passing: t('temporaryFailure'),
  notNeeded: t('skipped'),
}
</script>

<template>
  <h3>{{ t('attempts') }}</h3>
  <p v-if="props.attempts.length === 0" class="soft small">{{ t('noAttemptsYet') }}</p>
  <table v-else class="ruled">
    <tbody>
      <tr v-for="(attempt, index) in props.attempts" :key="index">
        <td class="soft"><WhenText :at="attempt.at" :zone="props.zone" /></td>
        <td>{{ outcomes[attempt.outcome] }}</td>
        <td class="soft said">{{ attempt.answer }}</td>
        <td class="num soft">{{ t('millisecondsMs', { milliseconds: attempt.milliseconds }) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
h3 {
  font-size: 14px;
  margin: 20px 0 6px;
}
.said {
  font-size: 13px;
}
</style>
