<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { WhenText } from '../../shared'
import VisitDetail from './VisitDetail.vue'
import VisitStrip from './VisitStrip.vue'
import { pauseWords } from './visits'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const open = defineModel<boolean>('open', { required: true })
const props = defineProps<{
  feed: Schemas['FollowedFeedView']
  siteId: number
  zone?: string
  mayEdit: boolean
  busy: boolean
}>()
const emit = defineEmits<{ visit: []; pause: []; resume: [] }>()
const state = computed(() => {
  if (props.feed.standing === 'paused') return { word: t('paused'), tone: 'plain' }
  if (props.feed.standing === 'gone') return { word: t('removedByPublisher410'), tone: 'm' }
  if (props.feed.state.problem)
    return props.feed.state.failures ? { word: t('failing'), tone: 'm' } : { word: t('readableErrors'), tone: 'o' }
  return { word: t('ok'), tone: 'v' }
})
</script>

<template>
  <article :class="{ open }" :data-blog="props.feed.blog">
    <div class="name">
      <h3>
        <button type="button" :aria-expanded="open" @click="open = !open">{{ props.feed.name }}</button>
        <span class="tag" :class="state.tone">{{ state.word }}</span>
      </h3>
      <p class="address">{{ props.feed.state.feedAddress }}</p>
    </div>
    <div class="visits">
      <VisitStrip :visits="props.feed.visits" />
      <p class="small soft">
        <template v-if="props.feed.isBeingVisited">{{ t('fetchingNow') }}</template><RichText
          v-else-if="props.feed.standing === 'active'"
          :of="
            props.feed.pauseSeconds
              ? rich('lastNextEvery', { every: pauseWords(props.feed.pauseSeconds) })
              : rich('lastNext')
          "
          ><template #last><WhenText :at="props.feed.state.lastVisitAt" :zone="props.zone" /></template
          ><template #next><WhenText :at="props.feed.state.nextVisitAt" :zone="props.zone" /></template></RichText
        ><RichText v-else :of="rich('lastFetched')"
          ><template #last><WhenText :at="props.feed.state.lastVisitAt" :zone="props.zone" /></template
        ></RichText>
      </p>
    </div>
    <p class="tally small">
      <b>{{ t('posts2', { posts: props.feed.posts }) }}</b><br /><span class="soft">{{
        t('entriesFeed', { entries: props.feed.entries })
      }}</span>
    </p>
    <div class="acts">
      <button v-if="props.mayEdit" type="button" class="link small" :disabled="props.busy" @click="emit('visit')">
        {{ props.busy ? t('fetching') : t('fetchNow') }}
      </button>
      <button
        v-if="props.mayEdit && props.feed.standing === 'active'"
        type="button"
        class="link small"
        @click="emit('pause')"
      >
        {{ t('pause') }}
      </button>
      <button v-else-if="props.mayEdit" type="button" class="link small" @click="emit('resume')">
        {{ t('resume') }}
      </button>
      <router-link
        class="link small"
        :to="`/s/${props.siteId}/feeds/check?url=${encodeURIComponent(props.feed.state.feedAddress)}`"
        >{{ t('checkIt') }}</router-link
      >
    </div>
    <p v-if="props.feed.state.problem" class="problem small" :class="state.tone">{{ props.feed.state.problem }}</p>
    <p v-if="props.feed.idsChange" class="problem small o">
      {{ t('entryIdsChangeEvery') }}
    </p>
    <VisitDetail v-if="open" :feed="props.feed" :zone="props.zone" />
  </article>
</template>

<style scoped>
article {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px 130px 190px;
  gap: 4px 24px;
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
  align-items: start;
}
h3 {
  font-size: 18px;
}
h3 button {
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  text-align: left;
}
h3 button:hover {
  text-decoration: underline;
  text-decoration-color: var(--verdigris);
}
h3 .tag {
  font-family: var(--sans);
  vertical-align: 2px;
  margin-left: 6px;
}
.tally {
  padding-top: 3px;
  line-height: 1.4;
}
.acts {
  display: flex;
  gap: 14px;
  padding-top: 3px;
  justify-content: flex-end;
}
.problem {
  grid-column: 1/-1;
  max-width: 60rem;
}
@media (max-width: 1100px) {
  article {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .visits,
  .problem {
    grid-column: 1/-1;
  }
  .acts {
    grid-column: 1/-1;
    justify-content: flex-start;
  }
}
</style>
