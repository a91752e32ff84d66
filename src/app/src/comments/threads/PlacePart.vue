<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, OneOf, TermHelp, useAct } from '../../shared'
import { t } from '../texts'

/** The snippet of a thread, for one page or for a template that makes many. */
const props = defineProps<{ siteId: number; siteAddress: string | undefined }>()
const place = reactive({
  identifier: '',
  address: '',
  theme: 'host' as Schemas['ThreadTheme'],
  isTemplate: true,
})
const usesId = ref(false)
const snippet = ref<Schemas['ThreadSnippetView'] | null>(null)
const { running, fields, trouble, run } = useAct()
const themes: { value: Schemas['ThreadTheme']; title: string }[] = [
  { value: 'host', title: t('matchPage') },
  { value: 'light', title: t('light') },
  { value: 'dark', title: t('dark') },
]
/** How languages of templates mark what they fill in. */
const notations = [
  { name: '{{ }}', around: (value: string) => `{{ ${value} }}` },
  { name: '<%= %>', around: (value: string) => `<%= ${value} %>` },
  { name: '${ }', around: (value: string) => '${' + value + '}' },
  { name: '@', around: (value: string) => `@${value}` },
  { name: '<?= ?>', around: (value: string) => `<?= $${value.replace('.', '->')} ?>` },
]

/** Every page of a template can carry one and the same snippet; only for more is anything to be entered. */
const needsNothing = computed(() => place.isTemplate && !usesId.value)

async function make(): Promise<void> {
  const body = needsNothing.value
    ? { identifier: '', address: '', title: null, theme: place.theme, isTemplate: true }
    : { ...place, address: place.isTemplate ? '' : place.address, title: null }
  snippet.value =
    (await run(() =>
      take(api.POST('/api/sites/{site}/threads/snippet', { params: { path: { site: props.siteId } }, body })),
    )) ?? null
}

watch(
  [needsNothing, () => place.isTemplate, () => place.theme],
  () => {
    snippet.value = null
    if (needsNothing.value) void make()
  },
  { immediate: true },
)
</script>

<template>
  <p class="soft small about">
    {{ t('postsWrittenHereAlready') }}
  </p>
  <form class="form" novalidate @submit.prevent="make">
    <OneOf
      v-model="place.isTemplate"
      :label="t('where')"
      :choices="[
        [true, t('allPagesTemplate')],
        [false, t('singlePage')],
      ]"
    />
    <template v-if="place.isTemplate">
      <p class="soft small">{{ t('oneSnippetServesEvery') }} <TermHelp term="canonical" /></p>
      <v-switch v-model="usesId" class="ml-2" :label="t('addressesMayChange')" />
      <template v-if="usesId">
        <p class="soft small">{{ t('templateMustOutputPermanent') }}</p>
        <div class="chips">
          <button
            v-for="notation in notations"
            :key="notation.name"
            type="button"
            class="chip code"
            @click="place.identifier = notation.around('post.id')"
          >
            {{ notation.name }}
          </button>
        </div>
        <v-text-field
          v-model="place.identifier"
          :label="t('idPlaceholder')"
          name="identifier"
          :error-messages="fields.identifier"
        />
      </template>
    </template>
    <template v-else>
      <v-text-field
        v-model="place.address"
        :label="t('addressPage')"
        :placeholder="props.siteAddress"
        name="address"
        :error-messages="fields.address"
      />
      <v-text-field
        v-model="place.identifier"
        :label="t('permanentIdOptional')"
        :placeholder="t('visitPage')"
        name="identifier"
        :error-messages="fields.identifier"
        :hint="t('commentsStayIdEven')"
        persistent-hint
      />
    </template>
    <v-select v-model="place.theme" :label="t('colours')" :items="themes" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div v-if="!needsNothing">
      <v-btn type="submit" :loading="running">{{ t('createSnippet') }}</v-btn>
    </div>
  </form>
  <div v-if="snippet" class="made">
    <p class="small">{{ t('pasteWhereConversationShould') }} <TermHelp term="snippet" /></p>
    <pre class="snippet" tabindex="0">{{ snippet.snippet }}</pre>
    <CopyButton big :text="snippet.snippet" :label="t('copySnippet')" />
    <p class="small mt-4">{{ place.isTemplate ? t('countInListTemplate') : t('optionalPasteWhereWant') }}</p>
    <pre class="snippet" tabindex="0">{{ snippet.count }}</pre>
    <CopyButton :text="snippet.count" :label="t('copyCountSnippet')" />
  </div>
</template>

<style scoped>
.about {
  margin: 10px 0 14px;
}
.code {
  font-family: 'JetBrains Mono Variable', 'JetBrains Mono', monospace;
  font-size: 12.5px;
}
.made {
  display: grid;
  gap: 10px;
  margin-top: 18px;
  justify-items: start;
}
.made pre {
  width: 100%;
}
</style>
