<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { shortDate, useAct } from '../../shared'
import EntryForms from './EntryForms.vue'
import { t } from '../texts'

const props = defineProps<{ url: string; source: string }>()
const tried = ref<Schemas['FeedTryView'] | null>(null)
const at = ref(0)
const act = useAct()
// A reader sorts by date; what has none sinks to the end.
const entries = computed(() =>
  [...(tried.value?.entries ?? [])].sort(
    (one, other) => Date.parse(other.date ?? '1970') - Date.parse(one.date ?? '1970'),
  ),
)

async function load(): Promise<void> {
  at.value = 0
  tried.value =
    (await act.run(() =>
      take(api.POST('/api/feeds/try', { body: { url: props.url || null, text: props.url ? null : props.source } })),
    )) ?? null
}
watch(() => props.source, load, { immediate: true })
</script>

<template>
  <p v-if="act.running.value" class="waiting inset" role="status">{{ t('loading') }}</p>
  <p v-else-if="!tried" class="waiting inset">{{ t('feedCouldNotRead') }}</p>
  <p v-else-if="entries.length === 0" class="waiting inset">{{ t('feedHasNoEntries') }}</p>
  <div v-else class="reader">
    <ol :aria-label="t('entriesReaderListsThem')">
      <li v-for="(entry, index) in entries" :key="index">
        <button type="button" :class="{ on: at === index }" :aria-pressed="at === index" @click="at = index">
          <img v-if="entry.picture" :src="entry.picture" alt="" loading="lazy" referrerpolicy="no-referrer" />
          <span>
            <b :class="{ soft: !entry.title }">{{ entry.title ?? t('untitled') }}</b>
            <small class="soft">{{
              [entry.date ? shortDate(entry.date) : t('noDate'), entry.author].filter(Boolean).join(' · ')
            }}</small>
            <small>{{ entry.snippet }}</small>
          </span>
        </button>
      </li>
    </ol>
    <EntryForms :key="at" :entry="entries[at]!" />
  </div>
</template>

<style scoped>
.inset {
  padding-inline: 20px;
}
.reader {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(220px, 2fr) 3fr;
  overflow: hidden;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  overflow: auto;
  border-right: 1px solid var(--rule);
}
li button {
  display: flex;
  gap: 10px;
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 10px 16px;
  cursor: pointer;
}
li button.on {
  background: var(--paper);
  box-shadow: inset 3px 0 var(--verdigris);
}
img {
  width: 52px;
  height: 40px;
  object-fit: cover;
  border-radius: 3px;
  flex: none;
}
span {
  display: grid;
  gap: 1px;
  min-width: 0;
}
b {
  font: 500 16px/1.25 var(--title);
  overflow-wrap: anywhere;
}
small {
  font-size: 12.5px;
  line-height: 1.35;
}
@media (max-width: 860px) {
  .reader {
    grid-template-columns: 1fr;
    overflow: visible;
  }
  ol {
    max-height: 300px;
    border-right: 0;
  }
}
</style>
