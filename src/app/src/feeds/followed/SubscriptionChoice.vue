<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { t } from '../texts'

/** The feeds of a list of subscriptions, to choose from before any is followed. */
const props = defineProps<{ offer: Schemas['OpmlOffer']; running: boolean; trouble: string }>()
const emit = defineEmits<{ follow: [addresses: string[]]; close: [] }>()
const isOpen = (feed: Schemas['OfferedFeed']) => !feed.isKnown && !feed.problem
const chosen = ref(props.offer.feeds.filter(isOpen).map((feed) => feed.address))
const all = computed(() => props.offer.feeds.filter(isOpen).map((feed) => feed.address))
const folders = computed(() => [...new Set(props.offer.feeds.map((feed) => feed.folder ?? ''))])
const inFolder = (folder: string) => props.offer.feeds.filter((feed) => (feed.folder ?? '') === folder)
</script>

<template>
  <v-dialog :model-value="true" max-width="620" scrollable @update:model-value="emit('close')">
    <v-card class="pa-6">
      <h2>{{ t('chooseFeeds') }}</h2>
      <p class="row small my-2">
        <button type="button" class="link" @click="chosen = [...all]">{{ t('selectAll') }}</button>
        <button type="button" class="link" @click="chosen = []">{{ t('selectNone') }}</button>
      </p>
      <div class="list" tabindex="0" role="group" :aria-label="t('chooseFeeds')">
        <template v-for="folder in folders" :key="folder">
          <h3 v-if="folder" class="small soft">{{ folder }}</h3>
          <label v-for="feed in inFolder(folder)" :key="feed.address" :class="{ shut: !isOpen(feed) }">
            <input v-model="chosen" type="checkbox" :value="feed.address" :disabled="!isOpen(feed)" />
            <span
              >{{ feed.title }}
              <span class="soft small about">{{
                feed.isKnown ? t('followedAlready') : (feed.problem ?? feed.address)
              }}</span></span
            >
          </label>
        </template>
      </div>
      <p v-if="props.offer.problem" class="soft small mt-2">{{ props.offer.problem }}</p>
      <p v-if="props.trouble" class="trouble" role="alert">{{ props.trouble }}</p>
      <div class="row mt-4">
        <v-btn :disabled="chosen.length === 0" :loading="props.running" @click="emit('follow', chosen)">{{
          t('followFeeds', { feeds: chosen.length })
        }}</v-btn><v-btn variant="text" @click="emit('close')">{{ t('cancel') }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.list {
  overflow-y: auto;
  max-height: 50vh;
  border-top: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
}
h3 {
  margin: 12px 0 2px;
}
label {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
}
input {
  accent-color: var(--verdigris);
}
.about {
  display: block;
  overflow-wrap: anywhere;
}
.shut {
  color: var(--soft);
}
</style>
