<script setup lang="ts">
import { useNotice } from './useNotice'
import { t } from '../texts'

const { notice, undo } = useNotice()
</script>

<template>
  <div class="notice" role="status" aria-live="polite">
    <div v-if="notice" class="box">
      <span>{{ notice.text }}</span>
      <button v-if="notice.undo" class="undo" @click="undo">{{ t('undo') }}</button>
    </div>
  </div>
</template>

<style scoped>
.notice {
  position: fixed;
  bottom: 22px;
  left: 0;
  right: 0;
  display: flex;
  justify-content: center;
  pointer-events: none;
  z-index: 60;
}
.box {
  pointer-events: auto;
  background: var(--ink);
  color: var(--paper);
  border-radius: 6px;
  padding: 9px 16px;
  display: flex;
  gap: 16px;
  max-width: 90vw;
  box-shadow: 0 6px 24px rgb(0 0 0 / 22%);
}
.undo {
  background: none;
  border: 0;
  color: inherit;
  font-weight: 700;
  text-decoration: underline;
  cursor: pointer;
}
@media (max-width: 860px) {
  .notice {
    bottom: 68px;
  }
}
</style>
