<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { onScopeDispose, ref } from 'vue'
import { Problem } from '../api'
import { useAct } from '../shared'
import { t } from './texts'

/**
 * What every screen says alike of what it asks for: that it is on its way, once that takes long enough to be noticed,
 * and that some of it could not be had, with a way to ask again. A refusal is the screen's own to tell.
 */
const noticeableAfter = 400
const queries = useQueryClient()
const isLoading = ref(false)
const hasFailed = ref(false)
const act = useAct()
let timer = 0

const shown = () => queries.getQueryCache().findAll({ type: 'active' })
const failed = () =>
  shown().filter(
    ({ state }) => state.status === 'error' && !(state.error instanceof Problem && state.error.status < 500),
  )

function look(): void {
  hasFailed.value = failed().length > 0
  const isWaiting = shown().some(({ state }) => state.status === 'pending' && state.fetchStatus === 'fetching')
  if (!isWaiting) {
    window.clearTimeout(timer)
    timer = 0
    isLoading.value = false
  } else timer ||= window.setTimeout(() => (isLoading.value = true), noticeableAfter)
}

const retry = () => act.run(() => Promise.all(failed().map((query) => query.fetch().catch(() => undefined))))

const leave = queries.getQueryCache().subscribe(look)
onScopeDispose(() => {
  leave()
  window.clearTimeout(timer)
})
</script>

<template>
  <div class="state" :class="{ loading: isLoading }" role="status">
    <p v-if="hasFailed">
      {{ t('someCouldNotLoad') }}
      <button type="button" class="link" :disabled="act.running.value" @click="retry">{{ t('tryAgain') }}</button>
    </p>
    <span v-else-if="isLoading" class="hidden">{{ t('loading') }}</span>
  </div>
</template>

<style scoped>
.state {
  position: relative;
}
.state.loading::before {
  content: '';
  position: absolute;
  inset: 0 0 auto;
  height: 2px;
  background: linear-gradient(90deg, transparent, var(--verdigris), transparent) 0 0 / 40% 100% no-repeat;
  animation: pass 1.4s linear infinite;
}
p {
  display: flex;
  gap: 4px 14px;
  flex-wrap: wrap;
  padding: 8px 24px;
  background: var(--wash-o);
}
.hidden {
  position: absolute;
  clip-path: inset(50%);
  width: 1px;
  height: 1px;
  overflow: hidden;
}
@keyframes pass {
  from {
    background-position: -70% 0;
  }
  to {
    background-position: 170% 0;
  }
}
@media (prefers-reduced-motion: reduce) {
  .state.loading::before {
    animation: none;
    background: var(--verdigris);
  }
}
@media (max-width: 860px) {
  p {
    padding-inline: 16px;
  }
}
</style>
