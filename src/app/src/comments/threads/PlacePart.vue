<script setup lang="ts">
import { reactive, ref } from 'vue'
import { api, type Schemas, take } from '../../api'
import { CopyButton, useAct } from '../../shared'

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
  { value: 'host', title: 'Match the page' },
  { value: 'light', title: 'Light' },
  { value: 'dark', title: 'Dark' },
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
    Posts written here already have comments. Any other page can have them, too, such as a product or a programme.
  </p>
  <form class="form" novalidate @submit.prevent="make">
    <div class="chips" role="group" aria-label="Where">
      <button
        type="button"
        class="chip"
        :class="{ on: !place.isTemplate }"
        :aria-pressed="!place.isTemplate"
        @click="place.isTemplate = false"
      >
        Single page
      </button>
      <button
        type="button"
        class="chip"
        :class="{ on: place.isTemplate }"
        :aria-pressed="place.isTemplate"
        @click="place.isTemplate = true"
      >
        A template
      </button>
    </div>
    <template v-if="place.isTemplate">
      <p class="soft small">
        Your template must output a permanent ID, such as the post’s number, and the page address. Choose its
        placeholder syntax and enter the names.
      </p>
      <div class="chips">
        <button v-for="one in notations" :key="one.name" type="button" class="chip code" @click="fill(one.around)">
          {{ one.name }}
        </button>
      </div>
    </template>
    <v-text-field
      v-model="place.identifier"
      :label="place.isTemplate ? 'ID placeholder' : 'Permanent ID'"
      placeholder="visit-page"
      name="identifier"
      :error-messages="fields.identifier"
      hint="Comments stay with this ID even if the address changes."
      persistent-hint
    />
    <v-text-field
      v-model="place.address"
      :label="place.isTemplate ? 'How it writes the page’s address' : 'Address of the page'"
      :placeholder="props.siteAddress"
      name="address"
      :error-messages="fields.address"
    />
    <v-text-field
      v-model="place.title"
      :label="place.isTemplate ? 'How it writes the title' : 'Title (shown to moderators)'"
      name="title"
      :error-messages="fields.title"
    />
    <v-select v-model="place.theme" label="Colours" :items="themes" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div><v-btn type="submit" :loading="running">Create snippet</v-btn></div>
  </form>
  <div v-if="snippet" class="made">
    <p class="small">Paste this where the conversation should stand, save and publish.</p>
    <pre class="snippet">{{ snippet.snippet }}</pre>
    <CopyButton big :text="snippet.snippet" label="Copy the snippet" />
    <p class="small mt-4">Optional: paste this where you want the comment count. It links to the comments.</p>
    <pre class="snippet">{{ snippet.count }}</pre>
    <CopyButton :text="snippet.count" label="Copy count snippet" />
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
