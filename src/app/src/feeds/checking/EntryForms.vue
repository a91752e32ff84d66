<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../../api'
import { OneOf } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ entry: Schemas['EntryTryView'] }>()
const ways = [
  ['mail', t('asEmail')],
  ['plain', t('plainTextEmail')],
  ['spoken', t('readAloud')],
] as const
const way = ref<(typeof ways)[number][0]>('mail')
</script>

<template>
  <div class="forms">
    <OneOf v-model="way" :label="t('previewAs')" :choices="ways" wide />
    <template v-if="way === 'mail'">
      <p class="small">
        <span class="soft">{{ t('subject') }}</span> {{ props.entry.mail.subject }}
      </p>
      <!-- Somebody else's text: it may neither run scripts nor reach this page. -->
      <iframe sandbox="" :srcdoc="props.entry.mail.html" :title="t('entryEmail')" />
    </template>
    <pre v-else-if="way === 'plain'" tabindex="0">{{ props.entry.mail.plain }}</pre>
    <ol v-else :aria-label="t('screenReaderOutput')">
      <li
        v-for="(sentence, index) in props.entry.spoken"
        :key="index"
        :class="{ o: props.entry.silent.includes(index) }"
      >
        {{ sentence }}
      </li>
    </ol>
  </div>
</template>

<style scoped>
.forms {
  padding: 12px 20px 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  min-height: 0;
  overflow: auto;
}
iframe {
  flex: 1;
  min-height: 380px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background: #faf7f0;
}
pre {
  margin: 0;
  font: 500 13px/1.6 var(--mono);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
ol {
  margin: 0;
  padding: 0 0 0 26px;
  font: 400 17px/1.5 var(--title);
}
ol li::marker {
  font: 12px var(--mono);
  color: var(--soft);
}
</style>
