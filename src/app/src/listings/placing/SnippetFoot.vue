<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { CopyButton, OneOf, useQueryValue } from '../../shared'
import IncludeExamples from './IncludeExamples.vue'
import { ways } from '../ways'
import { t } from '../texts'

const props = defineProps<{ snippet: Schemas['SnippetView'] | undefined }>()
const chosen = useQueryValue('way')
const bare = useQueryValue('bare')
const baked = computed({ get: () => bare.value === '', set: (yes: boolean) => (bare.value = yes ? '' : '1') })
const open = ref(false)
const way = computed(() => ways.find((one) => one.value === (chosen.value || 'script')) ?? ways[0]!)
const facts = computed(() => {
  if (!props.snippet) return ''
  const script = t('scriptbytesKbScript', { scriptBytes: (props.snippet.scriptBytes / 1000).toFixed(1) })
  if (way.value.value === 'script')
    return !baked.value
      ? t('spaceReservedScript', { script })
      : t('entriesHtmlScript', { entries: props.snippet.entries, script })
  return {
    frame: t('heightAdjustsAutomaticallyScript', { script }),
    serverInclude: t('noScript'),
    static: t('entriesSnapshot', { entries: props.snippet.entries }),
  }[way.value.value]
})
</script>

<template>
  <div class="foot">
    <div class="line">
      <OneOf
        wide
        :model-value="way.value"
        :label="t('wayEmbed')"
        :choices="ways.map((one) => [one.value, one.name] as const)"
        @update:model-value="chosen = $event === 'script' ? '' : $event"
      />
      <code>{{ props.snippet?.snippet.slice(0, 200) }}</code>
      <span class="small soft facts">{{ facts }}</span>
      <button class="link small" :aria-expanded="open" @click="open = !open">
        {{ open ? t('less') : t('installationSteps') }}
      </button>
    </div>
    <div v-if="open" class="how">
      <ol class="small">
        <li v-for="step in way.steps" :key="step">{{ step }}</li>
      </ol>
      <p v-for="pitfall in way.pitfalls" :key="pitfall" class="small soft">{{ pitfall }}</p>
      <pre class="snippet" tabindex="0">{{ props.snippet?.snippet }}</pre>
      <v-switch v-if="way.value === 'script'" v-model="baked" :label="t('includeEntriesHtmlSearch')" />
      <div class="row">
        <CopyButton :text="props.snippet?.snippet ?? ''" :label="t('copySnippet')" />
        <template v-if="props.snippet?.head">
          <span class="small soft">{{ t('orSeparately') }}</span>
          <CopyButton :text="props.snippet.head" :label="t('copyHeadPart')" /><span class="small soft">{{
            t('head')
          }}</span>
          <CopyButton :text="props.snippet.body" :label="t('copyBodyPart')" /><span class="small soft">{{
            t('body')
          }}</span>
        </template>
      </div>
      <p v-if="props.snippet?.head?.includes('alternate')" class="small soft">{{ t('headNamesFeeds') }}</p>
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
</style>
