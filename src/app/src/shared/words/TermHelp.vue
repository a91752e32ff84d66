<script setup lang="ts">
import { mdiHelpCircleOutline } from '@mdi/js'
import { t } from '../texts'
import { terms, type Term } from './terms'

/** Says beside a word what it means here, in the words of the guide's list of words. */
const props = defineProps<{ term: Term }>()
</script>

<template>
  <v-menu location="top end" :close-on-content-click="false">
    <template #activator="{ props: opener }">
      <button
        v-bind="opener"
        type="button"
        class="help"
        :aria-label="t('whatTermMeans', { term: terms[props.term].name })"
      >
        <v-icon :icon="mdiHelpCircleOutline" size="18" />
      </button>
    </template>
    <div class="meaning">
      <strong class="t">{{ terms[props.term].name }}</strong>
      <p>{{ terms[props.term].means }}</p>
    </div>
  </v-menu>
</template>

<style scoped>
.help {
  color: var(--soft);
  background: none;
  border: 0;
  padding: 3px;
  line-height: 1;
  cursor: help;
  border-radius: 50%;
}
.help:hover {
  color: var(--ink);
}
.meaning {
  max-width: 290px;
  padding: 10px 14px 12px;
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--rule);
  border-radius: 6px;
  font-size: 14px;
}
.meaning p {
  margin: 2px 0 0;
}
</style>
