<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, useAct } from '../../shared'
import { t } from '../texts'

/** The snippet of a thread, for one page or for a template that makes many. */
const props = defineProps<{ siteId: number; siteAddress: string | undefined }>()
const place = reactive({
  identifier: '',
  address: '',
  title: '',
  theme: 'host' as Schemas['ThreadTheme'],
  isTemplate: false,
})
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

function fill(around: (value: string) => string): void {
  Object.assign(place, { identifier: around('post.id'), address: around('post.url'), title: around('post.title') })
}

async function make(): Promise<void> {
  snippet.value =
    (await run(() =>
      take(
        api.POST('/api/sites/{site}/threads/snippet', { params: { path: { site: props.siteId } }, body: { ...place } }),
      ),
    )) ?? null
}
</script>

<template>
  <p class="soft small about">
    {{ t('postsWrittenHereAlready') }}
  </p>
  <form class="form" novalidate @submit.prevent="make">
    <div class="chips" role="group" :aria-label="t('where')">
      <button
        type="button"
        class="chip"
        :class="{ on: !place.isTemplate }"
        :aria-pressed="!place.isTemplate"
        @click="place.isTemplate = false"
      >
        {{ t('singlePage') }}
      </button>
      <button
        type="button"
        class="chip"
        :class="{ on: place.isTemplate }"
        :aria-pressed="place.isTemplate"
        @click="place.isTemplate = true"
      >
        {{ t('aTemplate') }}
      </button>
    </div>
    <template v-if="place.isTemplate">
      <p class="soft small">
        {{ t('templateMustOutputPermanent') }}
      </p>
      <div class="chips">
        <button v-for="one in notations" :key="one.name" type="button" class="chip code" @click="fill(one.around)">
          {{ one.name }}
        </button>
      </div>
    </template>
    <v-text-field
      v-model="place.identifier"
      :label="place.isTemplate ? t('idPlaceholder') : t('permanentId')"
      :placeholder="t('visitPage')"
      name="identifier"
      :error-messages="fields.identifier"
      :hint="t('commentsStayIdEven')"
      persistent-hint
    />
    <v-text-field
      v-model="place.address"
      :label="place.isTemplate ? t('howWritesPagesAddress') : t('addressPage')"
      :placeholder="props.siteAddress"
      name="address"
      :error-messages="fields.address"
    />
    <v-text-field
      v-model="place.title"
      :label="place.isTemplate ? t('howWritesTitle') : t('titleShownModerators')"
      name="title"
      :error-messages="fields.title"
    />
    <v-select v-model="place.theme" :label="t('colours')" :items="themes" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div>
      <v-btn type="submit" :loading="running">{{ t('createSnippet') }}</v-btn>
    </div>
  </form>
  <div v-if="snippet" class="made">
    <p class="small">{{ t('pasteWhereConversationShould') }}</p>
    <pre class="snippet">{{ snippet.snippet }}</pre>
    <CopyButton big :text="snippet.snippet" :label="t('copySnippet')" />
    <p class="small mt-4">{{ t('optionalPasteWhereWant') }}</p>
    <pre class="snippet">{{ snippet.count }}</pre>
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
