<script setup lang="ts">
import {
  mdiAlertOutline,
  mdiCommentOutline,
  mdiDeleteOutline,
  mdiDeleteRestore,
  mdiFolderOutline,
  mdiStarOutline,
  mdiTagMinusOutline,
  mdiTagPlusOutline,
} from '@mdi/js'
import { mdiAccountOutline, mdiEyeOffOutline, mdiPencilOutline } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import type { useBulk } from './useBulk'
import { t } from '../texts'
import { inSentence } from '../../texts'

type Change = Pick<Schemas['BulkRequest'], 'kind'> & Partial<Schemas['BulkRequest']>
interface Offer {
  name: string
  icon: string
  change: Change
  ask?: 'one' | 'many'
  items?: string[]
  does: (count: number, words: string) => string
  /** Taking it off, where that can be done as well. */
  without?: (n: number) => string
}

const props = defineProps<{
  bulk: ReturnType<typeof useBulk>
  shown: number
  total: number
  bin: boolean
  terms: Schemas['TermsView'] | undefined
}>()
const { count, everything, act } = props.bulk
const asking = ref<Offer | null>(null)
const words = ref<string[]>([])
const forecast = ref<Schemas['BulkForecast'] | null>(null)
const posts = (n: number) => t('posts2', { posts: n })
const offers = computed<Offer[]>(() =>
  props.bin
    ? [
        {
          name: t('restore'),
          icon: mdiDeleteRestore,
          change: { kind: 'restore' },
          does: (n) => t('restoreNFromBin', { n }),
        },
      ]
    : [
        {
          name: t('category'),
          icon: mdiFolderOutline,
          change: { kind: 'category' },
          ask: 'one',
          items: props.terms?.categories,
          does: (n, w) => (w ? t('moveNW', { n, w }) : t('removeCategoryFromN', { n })),
          without: (n) => t('removeCategoryFromN', { n }),
        },
        {
          name: t('addTags'),
          icon: mdiTagPlusOutline,
          change: { kind: 'addTags' },
          ask: 'many',
          items: props.terms?.tags,
          does: (n, w) => (w ? t('tagNW', { n, w }) : t('tagN', { n })),
        },
        {
          name: t('removeTags'),
          icon: mdiTagMinusOutline,
          change: { kind: 'removeTags' },
          ask: 'many',
          items: props.terms?.tags,
          does: (n, w) => t('takeWOffN', { w: w || t('tags2'), n }),
        },
        {
          name: t('author'),
          icon: mdiAccountOutline,
          change: { kind: 'author' },
          ask: 'one',
          items: props.terms?.authors,
          does: (n, w) => (w ? t('setAuthorNW', { n, w }) : t('removeAuthorFromN', { n })),
          without: (n) => t('removeAuthorFromN', { n }),
        },
        {
          name: t('feature'),
          icon: mdiStarOutline,
          change: { kind: 'featured', isOn: true },
          does: (n) => t('featureN', { n }),
        },
        {
          name: t('commentsOff'),
          icon: mdiCommentOutline,
          change: { kind: 'comments', isOn: false },
          does: (n) => t('turnCommentsOffN', { n }),
        },
        {
          name: t('commentsOn'),
          icon: mdiCommentOutline,
          change: { kind: 'comments', isOn: true },
          does: (n) => t('turnCommentsN', { n }),
        },
        {
          name: t('withdraw'),
          icon: mdiEyeOffOutline,
          change: { kind: 'status', status: 'withdrawn' },
          does: (n) => t('withdrawN', { n }),
        },
        {
          name: t('changeDraft'),
          icon: mdiPencilOutline,
          change: { kind: 'status', status: 'draft' },
          does: (n) => t('makeNDrafts', { n }),
        },
        {
          name: t('moveBin'),
          icon: mdiDeleteOutline,
          change: { kind: 'delete' },
          does: (n) => t('putNIntoBin', { n }),
        },
      ],
)
const changeOf = (offer: Offer): Change => ({
  ...offer.change,
  words: offer.ask ? words.value.filter((word) => word?.trim()) : null,
})

async function choose(offer: Offer): Promise<void> {
  words.value = []
  forecast.value = null
  asking.value = offer
  if (!offer.ask || offer.ask === 'one') await look()
}

async function look(): Promise<void> {
  if (!asking.value || (asking.value.ask === 'many' && words.value.length === 0)) return void (forecast.value = null)
  forecast.value = (await props.bulk.forecast(changeOf(asking.value))) ?? null
}

async function make(): Promise<void> {
  const offer = asking.value!
  const made = await props.bulk.make(changeOf(offer), (n) =>
    n ? t('doneDoes', { does: inSentence(offer.does(n, words.value.join(', '))) }) : t('noChangesNeeded'),
  )
  if (made) asking.value = null
}
</script>

<template>
  <div class="bulk" role="region" :aria-label="t('editSelectedPosts')">
    <b>{{ t('postsSelected', { posts: count }) }}</b>
    <button v-if="!everything && props.total > props.shown" type="button" class="link" @click="everything = true">
      {{ t('selectAllTotal', { total: props.total }) }}
    </button>
    <span class="acts">
      <button v-for="offer in offers" :key="offer.name" type="button" class="chip" @click="choose(offer)">
        <v-icon :icon="offer.icon" size="16" /> {{ offer.name }}
      </button>
    </span>
    <button type="button" class="link" @click="props.bulk.clear()">{{ t('clearSelection') }}</button>
  </div>
  <v-dialog :model-value="asking !== null" max-width="460" @update:model-value="asking = null">
    <v-card v-if="asking" class="pa-6">
      <h2>{{ asking.name }}</h2>
      <v-combobox
        v-if="asking.ask === 'many'"
        v-model="words"
        class="mt-3"
        :label="t('tags')"
        multiple
        chips
        closable-chips
        :items="asking.items ?? []"
        :error-messages="act.fields.value.words"
        @update:model-value="look"
      />
      <v-combobox
        v-else-if="asking.ask"
        class="mt-3"
        :label="asking.name"
        :items="asking.items ?? []"
        :error-messages="act.fields.value.words"
        @update:model-value="(word: string | null) => ((words = word ? [word] : []), look())"
      />
      <p v-if="act.trouble.value || act.fields.value.posts" class="trouble" role="alert">
        {{ act.trouble.value || act.fields.value.posts?.[0] }}
      </p>
      <p v-if="forecast" class="my-3">
        {{ forecast.posts ? t('changesPosts', { posts: posts(forecast.posts) }) : t('changesNothing') }}
        <template v-if="forecast.unchanged"> {{ t('unchangedUnchanged', { unchanged: forecast.unchanged }) }}</template>
        <template v-if="forecast.followed">
          {{
            forecast.followed === 1
              ? t('belongFollowedBlogsStays', { followed: forecast.followed })
              : t('belongFollowedBlogsStay', { followed: forecast.followed })
          }}</template
        >
        <template v-if="asking.change.kind === 'delete'"> {{ t('theyLieBin30') }}</template>
      </p>
      <div class="row mt-3">
        <v-btn
          :disabled="!forecast?.posts || (asking.ask === 'one' && words.length === 0)"
          :loading="act.running.value"
          :color="asking.change.kind === 'delete' ? 'error' : 'primary'"
          :prepend-icon="asking.change.kind === 'delete' ? mdiAlertOutline : undefined"
          @click="make"
          >{{ asking.does(forecast?.posts ?? count, words.join(', ') || (asking.ask === 'one' ? '…' : '')) }}</v-btn
        >
        <button
          v-if="asking.without && words.length === 0"
          type="button"
          class="link quiet"
          :disabled="!forecast?.posts"
          @click="make"
        >
          {{ asking.without(forecast?.posts ?? count) }}
        </button>
        <v-btn variant="text" @click="asking = null">{{ t('cancel') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.bulk {
  position: sticky;
  bottom: 0;
  z-index: 4;
  display: flex;
  gap: 8px 16px;
  align-items: center;
  flex-wrap: wrap;
  padding: 10px 16px;
  margin: 12px -16px 0;
  background: var(--wash-v);
  border-top: 1px solid var(--verdigris);
}
.acts {
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
  flex: 1;
}
.chip {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
@media (max-width: 860px) {
  .bulk {
    bottom: 58px;
  }
}
</style>
