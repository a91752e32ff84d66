<script setup lang="ts">
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, Problem, type Schemas, take } from '../../api'
import CountMeter from '../CountMeter.vue'
import { OneOf } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** What a social channel says, shown with the latest post and counted as the network counts. */
const settings = defineModel<Schemas['ChannelSettings']>({ required: true })
const props = defineProps<{ siteId: number; problem: string | undefined; problems: Record<string, string[]> }>()
const fields = ['title', 'excerpt', 'link', 'author', 'category', 'tags', 'date', 'blog', 'site']
const turn = ref(0)
const texts = computed(() => [settings.value.template, ...(settings.value.variants ?? [])])
const most = 6
const text = computed({
  get: () => texts.value[turn.value] ?? '',
  set: (now: string) => {
    if (turn.value === 0) settings.value.template = now
    else settings.value.variants = settings.value.variants!.map((one, at) => (at === turn.value - 1 ? now : one))
  },
})
const shown = ref<Schemas['CountedView'] | null>(null)
const wrong = ref('')
const asked = computed<Schemas['CountRequest']>(() => ({
  template: text.value,
  count: settings.value.count ?? { limit: 500, linkCost: 23 },
  campaignSource: settings.value.campaignSource ?? '',
  campaign: settings.value.campaign ?? '',
}))
const settled = refDebounced(
  computed(() => JSON.stringify(asked.value)),
  250,
)

watch(
  settled,
  async () => {
    try {
      shown.value = await take(
        api.POST('/api/sites/{site}/channels/set-up/count', {
          params: { path: { site: props.siteId } },
          body: asked.value,
        }),
      )
      wrong.value = ''
    } catch (reason) {
      wrong.value = reason instanceof Problem ? (reason.fields.template?.[0] ?? '') : ''
    }
  },
  { immediate: true },
)

const put = (field: string) => (text.value += `{${field}}`)

function add(): void {
  settings.value.variants = [...(settings.value.variants ?? []), text.value]
  turn.value = texts.value.length - 1
}

function remove(): void {
  settings.value.variants = settings.value.variants!.filter((_, at) => at !== turn.value - 1)
  turn.value -= 1
}
</script>

<template>
  <div class="template">
    <div class="row turns">
      <OneOf
        v-if="texts.length > 1"
        v-model="turn"
        :label="t('alternativeTexts')"
        :choices="texts.map((_, at) => [at, t('textAt', { at: at + 1 })] as const)"
      />
      <button v-if="texts.length < most" type="button" class="link small" @click="add">
        {{ t('addAlternativeText') }}
      </button>
      <button v-if="turn > 0" type="button" class="link small quiet" @click="remove">
        {{ t('removeTextTurn', { turn: turn + 1 }) }}
      </button>
    </div>
    <v-textarea
      v-model="text"
      :label="t('template')"
      rows="5"
      auto-grow
      :error-messages="wrong || props.problem"
      class="mono"
    />
    <p v-if="props.problems.variants" class="trouble" role="alert">{{ props.problems.variants.join(' ') }}</p>
    <p v-if="texts.length > 1" class="small soft">
      {{ t('textsUsedRotationSending') }}
    </p>
    <p class="small soft fields">
      {{ t('insertField') }}
      <button v-for="field in fields" :key="field" type="button" class="chip" @click="put(field)">{{ field }}</button>
      <RichText :of="rich('conditionalField')" />
    </p>
    <div class="pair">
      <v-text-field
        v-model.number="settings.count!.limit"
        type="number"
        min="20"
        :label="t('maximumLength')"
        :suffix="t('characters')"
        :error-messages="props.problems.limit"
      />
      <v-text-field
        v-model.number="settings.count!.linkCost"
        type="number"
        min="0"
        :label="t('charactersPerLink')"
        :suffix="t('characters')"
        :error-messages="props.problems.linkCost"
      />
      <v-text-field
        v-model="settings.campaignSource"
        :label="t('sourceTagUtmSource')"
        :placeholder="t('noTagAdded')"
        persistent-placeholder
        :error-messages="props.problems.campaign"
      />
      <v-text-field v-model="settings.campaign" :label="t('campaign')" />
    </div>
    <figure v-if="shown" class="note">
      <figcaption class="small soft">{{ t('previewPost', { post: shown.post }) }}</figcaption>
      <p>{{ shown.text }}</p>
      <CountMeter :count="shown.count" :limit="shown.limit" :shortened="shown.shortened" />
    </figure>
  </div>
</template>

<style scoped>
.template {
  display: grid;
  gap: 10px;
}
.turns {
  gap: 8px;
  flex-wrap: wrap;
}
.template p {
  margin: 0;
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
</style>
