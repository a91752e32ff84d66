<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api'
import { counted, WhenText } from '../../shared'
import VisitDetail from './VisitDetail.vue'
import VisitStrip from './VisitStrip.vue'
import { pauseWords } from './visits'

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
  if (props.feed.standing === 'paused') return { word: 'Paused', tone: 'plain' }
  if (props.feed.standing === 'gone') return { word: 'Removed by publisher (410)', tone: 'm' }
  if (props.feed.state.problem)
    return props.feed.state.failures ? { word: 'Failing', tone: 'm' } : { word: 'Readable, with errors', tone: 'o' }
  return { word: 'OK', tone: 'v' }
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
        <template v-if="props.feed.isBeingVisited">Fetching now.</template
        ><template v-else-if="props.feed.standing === 'active'"
          >Last <WhenText :at="props.feed.state.lastVisitAt" :zone="props.zone" />, next
          <WhenText :at="props.feed.state.nextVisitAt" :zone="props.zone" />{{
            props.feed.pauseSeconds ? `, ${pauseWords(props.feed.pauseSeconds)}` : ''
          }}</template
        ><template v-else
          >Last fetched <WhenText :at="props.feed.state.lastVisitAt" :zone="props.zone" />; not scheduled</template
        >
      </p>
    </div>
    <p class="tally small">
      <b>{{ counted(props.feed.posts, 'post') }}</b><br /><span class="soft"
        >{{ counted(props.feed.entries, 'entry', 'entries') }} in the feed</span
      >
    </p>
    <div class="acts">
      <button v-if="props.mayEdit" type="button" class="link small" :disabled="props.busy" @click="emit('visit')">
        {{ props.busy ? 'Fetching …' : 'Fetch now' }}
      </button>
      <button
        v-if="props.mayEdit && props.feed.standing === 'active'"
        type="button"
        class="link small"
        @click="emit('pause')"
      >
        Pause
      </button>
      <button v-else-if="props.mayEdit" type="button" class="link small" @click="emit('resume')">Resume</button>
      <router-link
        class="link small"
        :to="`/s/${props.siteId}/feeds/check?url=${encodeURIComponent(props.feed.state.feedAddress)}`"
        >Check it</router-link
      >
    </div>
    <p v-if="props.feed.state.problem" class="problem small" :class="state.tone">{{ props.feed.state.problem }}</p>
    <p v-if="props.feed.idsChange" class="problem small o">
      Entry IDs change on every fetch. We match them by link and text; other feed readers will show duplicates.
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
