<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, download, OneOf, useAct } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ url: string; source: string; from: Schemas['FeedFormat'] | null }>()
const formats = [
  ['rss', 'RSS 2.0', 'feed.xml'],
  ['atom', 'Atom 1.0', 'feed.atom'],
  ['jsonFeed', 'JSON Feed 1.1', 'feed.json'],
] as const
const to = ref<NonNullable<Schemas['FeedFormat']>>(props.from === 'atom' ? 'rss' : 'atom')
const converted = ref<Schemas['ConvertedView'] | null>(null)
const act = useAct()

async function load(): Promise<void> {
  const body = { url: props.url || null, text: props.url ? null : props.source, to: to.value }
  converted.value = (await act.run(() => take(api.POST('/api/feeds/try-format', { body })))) ?? null
}

function save(): void {
  download(converted.value!.text, formats.find(([format]) => format === to.value)![2], converted.value!.contentType)
}
watch([to, () => props.source], load, { immediate: true })
</script>

<template>
  <div class="format">
    <div class="row say">
      <OneOf v-model="to" :label="t('format')" :choices="formats.map(([format, name]) => [format, name] as const)" />
      <template v-if="converted"
        ><CopyButton :text="converted.text" :label="t('copyFeedFormat')" /><button
          type="button"
          class="link small"
          @click="save"
        >
          {{ t('download') }}
        </button></template
      >
    </div>
    <p v-if="act.trouble.value || act.fields.value.url || act.fields.value.text" class="trouble say" role="alert">
      {{ act.trouble.value || (act.fields.value.url ?? act.fields.value.text)?.[0] }}
    </p>
    <p v-else-if="!converted" class="waiting say" role="status">{{ t('converting') }}</p>
    <template v-else>
      <p v-if="converted.lost.length === 0" class="say">{{ t('nothingLostFormat') }}</p>
      <div v-else class="say">
        <b>{{ t('typesDataCannotConverted', { lost: converted.lost.length }) }}</b>
        <ul class="small">
          <li v-for="lost in converted.lost" :key="lost.name">
            {{ lost.name }} <span class="soft">· {{ lost.count }}</span>
          </li>
        </ul>
      </div>
      <pre tabindex="0" :aria-label="t('feedFormat')">{{ converted.text }}</pre>
    </template>
  </div>
</template>

<style scoped>
.format {
  flex: 1;
  min-height: 0;
  overflow: auto;
  padding-bottom: 40px;
}
.say {
  padding: 12px 20px 4px;
}
ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
pre {
  margin: 10px 0 0;
  padding: 0 20px;
  font: 500 13px/1.7 var(--mono);
  white-space: pre-wrap;
  overflow-wrap: anywhere;
}
</style>
