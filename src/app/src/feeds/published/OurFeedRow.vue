<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api'
import { CopyButton } from '../../shared'
import PartFeeds from './PartFeeds.vue'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const props = defineProps<{ feed: Schemas['OwnFeedView']; siteId: number; mayEdit: boolean }>()
const emit = defineEmits<{ set: [] }>()
const forms = computed(() =>
  (
    [
      ['RSS', props.feed.rss, props.feed.settings.asRss],
      ['Atom', props.feed.atom, props.feed.settings.asAtom],
      ['JSON', props.feed.json, props.feed.settings.asJson],
    ] as const
  ).filter(([, , isOn]) => isOn),
)
const showsParts = ref(false)
const about = computed(() => {
  const settings = props.feed.settings
  const count =
    props.feed.subject === 'listing'
      ? t('newestEntries', { entries: settings.entries })
      : t('entries2', { entries: props.feed.entries })
  const history = settings.hasHistory && props.feed.subject === 'blog' ? t('olderOnesArchives') : ''
  return settings.isFullText
    ? props.feed.isFollowed
      ? t('countFullTextHistory', { count, history })
      : t('countFullTextHistory2', { count, history })
    : props.feed.isFollowed
      ? t('countExcerptsHistoryRepublished', { count, history })
      : t('countExcerptsHistory', { count, history })
})
</script>

<template>
  <article class="feed" :data-feed="`${props.feed.subject}-${props.feed.subjectId}`">
    <div>
      <h3>{{ props.feed.settings.title ?? props.feed.blogName }}</h3>
      <p class="soft small">{{ about }}</p>
    </div>
    <p v-if="props.feed.settings.redirectTo" class="small moved">
      <span class="tag o">{{ t('moved') }}</span>
      <RichText :of="rich('redirectsTo', { url: props.feed.settings.redirectTo })"
        ><template #address="{ text }"
          ><span class="address">{{ text }}</span></template
        ></RichText
      >
    </p>
    <ul v-else>
      <li v-for="[name, address] in forms" :key="name">
        <span class="name">{{ name }}</span><a class="address" :href="address" target="_blank" rel="noopener">{{
          address
        }}</a
        ><CopyButton :text="address" :label="t('copyNameAddress', { name })" />
      </li>
    </ul>
    <div class="acts">
      <button
        v-if="props.feed.blogId && !props.feed.settings.redirectTo"
        type="button"
        class="link small"
        :aria-expanded="showsParts"
        @click="showsParts = !showsParts"
      >
        {{ showsParts ? t('hideParts') : t('showParts') }}
      </button>
      <button v-if="props.mayEdit" type="button" class="link small" @click="emit('set')">{{ t('settings') }}</button>
      <router-link class="link small" :to="`/s/${props.siteId}/feeds/check?url=${encodeURIComponent(forms[0]![1])}`">{{
        t('check')
      }}</router-link>
    </div>
    <PartFeeds
      v-if="showsParts && props.feed.blogId"
      :site-id="props.siteId"
      :blog="props.feed.blogId"
      :forms="forms.map(([name]) => name)"
    />
  </article>
</template>

<style scoped>
.feed {
  display: grid;
  grid-template-columns: 300px minmax(0, 1fr) auto;
  gap: 6px 24px;
  padding: 11px 0;
  border-bottom: 1px solid var(--hair);
  align-items: start;
}
h3 {
  font-size: 18px;
}
/* One grid for the three, so that addresses and buttons stand under each other. */
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: 40px minmax(0, max-content) 1fr;
  gap: 4px 12px;
  align-items: center;
  justify-items: start;
}
li {
  display: contents;
}
li .address {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.name {
  color: var(--soft);
  font-size: 13px;
}
.acts {
  display: flex;
  gap: 14px;
  white-space: nowrap;
}
.moved {
  padding-top: 3px;
}
@media (max-width: 860px) {
  .feed {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
