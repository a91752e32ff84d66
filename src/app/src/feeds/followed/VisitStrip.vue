<script setup lang="ts">
import type { Schemas } from '../../api'
import { outcomes, stripSentence, visitSentence } from './visits'

const props = defineProps<{ visits: Schemas['VisitView'][] }>()
</script>

<template>
  <div class="strip" role="img" :aria-label="stripSentence(props.visits)">
    <span
      v-for="(visit, index) in props.visits"
      :key="index"
      :class="outcomes[visit.outcome].tone"
      :title="visitSentence(visit)"
    >
      <svg viewBox="0 0 9 22" width="9" height="22" aria-hidden="true">
        <path v-if="visit.outcome === 'unchanged'" d="M4.5 9v4" class="line" />
        <path v-else-if="visit.outcome === 'failed'" d="M1.2 8l6.6 6.6M7.8 8l-6.6 6.6" class="line thick" />
        <template v-else>
          <path v-if="visit.outcome === 'pushed'" d="M8 11V1" class="line" />
          <ellipse
            cx="4.5"
            cy="11.3"
            rx="4"
            ry="2.9"
            transform="rotate(-20 4.5 11.3)"
            :class="visit.outcome === 'broken' ? 'hollow' : 'full'"
          />
          <path v-if="visit.outcome === 'broken'" d="M.9 12.6a4 2.9 -20 0 0 7.2 -2.6z" class="full" />
        </template>
      </svg>
    </span>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 1px;
  height: 22px;
  overflow: hidden;
  justify-content: flex-end;
  background: linear-gradient(var(--rule), var(--rule)) 0 50% / 100% 1px no-repeat;
}
.line {
  stroke: currentColor;
  stroke-width: 1.6;
  fill: none;
}
.thick {
  stroke-width: 2.2;
}
.full {
  fill: currentColor;
}
.hollow {
  fill: var(--paper);
  stroke: currentColor;
  stroke-width: 1.3;
}
.m svg {
  background: var(--paper);
}
</style>
