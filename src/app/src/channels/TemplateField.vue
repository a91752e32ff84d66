<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { Problem } from '../api/problem'

/** What a social channel says, shown with the latest post and counted as the network counts. */
const settings = defineModel<Schemas['ChannelSettings']>({ required: true })
const props = defineProps<{ siteId: number; problem: string | undefined; problems: Record<string, string[]> }>()
const fields = ['title', 'excerpt', 'link', 'author', 'category', 'tags', 'date', 'blog', 'site']
const shown = ref<Schemas['CountedView'] | null>(null)
const wrong = ref('')
const asked = computed<Schemas['CountRequest']>(() => ({
  template: settings.value.template,
  count: settings.value.count ?? { limit: 500, linkCost: 23 },
  campaignSource: settings.value.campaignSource ?? '',
  campaign: settings.value.campaign ?? '',
}))
const settled = refDebounced(
  computed(() => JSON.stringify(asked.value)),
  250,
)
const share = computed(() => (shown.value ? Math.min(100, (100 * shown.value.count) / shown.value.limit) : 0))

watch(
  settled,
  async () => {
    try {
      shown.value = await take(api.POST('/api/sites/{site}/channels/set-up/count', { params: { path: { site: props.siteId } }, body: asked.value }))
      wrong.value = ''
    } catch (reason) {
      wrong.value = reason instanceof Problem ? (reason.fields.template?.[0] ?? '') : ''
    }
  },
  { immediate: true },
)

const put = (field: string) => (settings.value.template += `{${field}}`)
</script>

<template>
  <div class="template">
    <v-textarea v-model="settings.template" label="Template" rows="5" auto-grow :error-messages="props.problem ?? wrong" class="mono" />
    <p class="small soft fields">
      Fields: <button v-for="field in fields" :key="field" type="button" class="chip" @click="put(field)">{{ field }}</button> and
      <code>{if author} … {end}</code> for what stands only where there is one.
    </p>
    <div class="pair">
      <v-text-field
        v-model.number="settings.count!.limit"
        type="number"
        min="20"
        label="The network takes"
        suffix="characters"
        :error-messages="props.problems.limit"
      />
      <v-text-field
        v-model.number="settings.count!.linkCost"
        type="number"
        min="0"
        label="A link counts"
        suffix="characters"
        :error-messages="props.problems.linkCost"
      />
      <v-text-field
        v-model="settings.campaignSource"
        label="Count readers as coming from"
        placeholder="Nothing is added to links"
        persistent-placeholder
        :error-messages="props.problems.campaign"
      />
      <v-text-field v-model="settings.campaign" label="Campaign" />
    </div>
    <figure v-if="shown" class="note">
      <figcaption class="small soft">“{{ shown.post }}” as it will look</figcaption>
      <p>{{ shown.text }}</p>
      <div class="count" :class="{ over: shown.count > shown.limit }">
        <i :style="{ width: `${share}%` }" />
      </div>
      <small class="soft"
        >{{ shown.count }} of {{ shown.limit }}<template v-if="shown.shortened.length">, shortened: {{ shown.shortened.join(', ') }}</template></small
      >
    </figure>
  </div>
</template>

<style scoped>
.template {
  display: grid;
  gap: 10px;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: center;
  margin: 0;
}
.note {
  margin: 0;
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 12px 16px;
  background: var(--paper);
}
.note p {
  white-space: pre-line;
  overflow-wrap: anywhere;
  margin: 6px 0 10px;
}
.count {
  height: 4px;
  background: var(--hair);
  border-radius: 2px;
  overflow: hidden;
}
.count i {
  display: block;
  height: 100%;
  background: var(--verdigris);
}
.count.over i {
  background: var(--madder);
}
</style>
