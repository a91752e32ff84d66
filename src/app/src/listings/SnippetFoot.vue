<script setup lang="ts">
import { ref } from 'vue'
import type { Schemas } from '../api/client'
import CopyButton from '../shared/CopyButton.vue'
import { counted } from '../shared/counted'

const props = defineProps<{ snippet: Schemas['SnippetView'] | undefined }>()
const open = ref(false)
</script>

<template>
  <div class="foot">
    <div class="line">
      <span class="chip on">Script</span>
      <code>{{ props.snippet?.snippet.slice(0, 200) }}</code>
      <span class="small soft"
        >{{ counted(props.snippet?.entries ?? 0, 'entry', 'entries') }} baked in · {{ ((props.snippet?.scriptBytes ?? 0) / 1000).toFixed(1) }} kB script</span
      >
      <button class="link small" :aria-expanded="open" @click="open = !open">{{ open ? 'Less' : 'How to paste it' }}</button>
    </div>
    <div v-if="open" class="how">
      <ol class="small">
        <li>Copy the snippet.</li>
        <li>Open your page’s editor where it takes HTML (a field named HTML, code or embed) and paste it where the listing should stand.</li>
        <li>Save and publish the page, then come back and press “Check the page”. Later changes here need no pasting again.</li>
      </ol>
      <pre class="snippet">{{ props.snippet?.snippet }}</pre>
      <CopyButton :text="props.snippet?.snippet ?? ''" label="Copy the snippet" />
    </div>
  </div>
</template>

<style scoped>
.foot {
  border-top: 1px solid var(--rule);
  background: var(--sheet);
  padding: 12px 18px;
  max-height: 60%;
  overflow: auto;
}
.line {
  display: flex;
  gap: 16px;
  align-items: center;
}
.line code {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  color: var(--soft);
  font-size: 12.5px;
}
.line span,
.line button {
  white-space: nowrap;
}
.how {
  padding-top: 8px;
}
ol {
  margin: 0 0 8px;
  padding-left: 18px;
}
@media (max-width: 600px) {
  .line code {
    display: none;
  }
  .line {
    flex-wrap: wrap;
    gap: 8px;
  }
}
</style>
