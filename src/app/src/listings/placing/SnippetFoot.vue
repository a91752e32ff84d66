<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { CopyButton, counted, useQueryValue } from '../../shared'
import IncludeExamples from './IncludeExamples.vue'
import { ways } from '../ways'

const props = defineProps<{ snippet: Schemas['SnippetView'] | undefined }>()
const chosen = useQueryValue('way')
const bare = useQueryValue('bare')
const baked = computed({ get: () => bare.value === '', set: (yes: boolean) => (bare.value = yes ? '' : '1') })
const open = ref(false)
const way = computed(() => ways.find((one) => one.value === (chosen.value || 'script')) ?? ways[0]!)
const facts = computed(() => {
  if (!props.snippet) return ''
  const script = `${(props.snippet.scriptBytes / 1000).toFixed(1)} kB script`
  if (way.value.value === 'script')
    return !baked.value
      ? `space reserved · ${script}`
      : `${counted(props.snippet.entries, 'entry', 'entries')} in the HTML · ${script}`
  return {
    frame: `height adjusts automatically · ${script}`,
    serverInclude: 'no script',
    static: `${counted(props.snippet.entries, 'entry', 'entries')}, a snapshot`,
  }[way.value.value]
})
</script>

<template>
  <div class="foot">
    <div class="line">
      <span class="chips" role="group" aria-label="Way to embed">
        <button
          v-for="one in ways"
          :key="one.value"
          class="chip"
          :class="{ on: one.value === way.value }"
          :aria-pressed="one.value === way.value"
          @click="chosen = one.value === 'script' ? '' : one.value"
        >
          {{ one.name }}
        </button>
      </span>
      <code>{{ props.snippet?.snippet.slice(0, 200) }}</code>
      <span class="small soft facts">{{ facts }}</span>
      <button class="link small" :aria-expanded="open" @click="open = !open">
        {{ open ? 'Less' : 'Installation steps' }}
      </button>
    </div>
    <div v-if="open" class="how">
      <ol class="small">
        <li v-for="step in way.steps" :key="step">{{ step }}</li>
      </ol>
      <p v-for="pitfall in way.pitfalls" :key="pitfall" class="small soft">{{ pitfall }}</p>
      <pre class="snippet">{{ props.snippet?.snippet }}</pre>
      <v-checkbox
        v-if="way.value === 'script'"
        v-model="baked"
        label="Include entries in the HTML (for search engines)"
      />
      <div class="row">
        <CopyButton :text="props.snippet?.snippet ?? ''" label="Copy the snippet" />
        <template v-if="props.snippet?.head">
          <span class="small soft">Or separately:</span>
          <CopyButton :text="props.snippet.head" label="Copy the head part" /><span class="small soft">head</span>
          <CopyButton :text="props.snippet.body" label="Copy the body part" /><span class="small soft">body</span>
        </template>
      </div>
      <IncludeExamples v-if="way.value === 'serverInclude' && props.snippet" :address="props.snippet.fragmentAddress" />
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
  flex: none;
}
.line {
  display: flex;
  gap: 8px 14px;
  align-items: center;
}
.line .chips {
  flex-wrap: nowrap;
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
.facts,
.line .link {
  white-space: nowrap;
}
.how {
  padding-top: 8px;
  display: grid;
  gap: 8px;
  justify-items: start;
}
ol {
  margin: 0;
  padding-left: 18px;
}
@media (max-width: 1300px) {
  .line {
    flex-wrap: wrap;
  }
  .line code {
    display: none;
  }
}
@media (max-width: 600px) {
  .line .chips {
    flex-wrap: wrap;
  }
}
</style>
