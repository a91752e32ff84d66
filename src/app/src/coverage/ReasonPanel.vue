<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { useQuery } from '@tanstack/vue-query'
import { mdiClose } from '@mdi/js'
import { computed } from 'vue'
import { api, type Schemas, take } from '../api'
import { marks, NoteMark, WhenText } from '../shared'
import ChannelFoot from './ChannelFoot.vue'
import { useRemedy } from './useRemedy'
import { rich, t } from './texts'
import { atStart, RichText } from '../texts'

const props = defineProps<{
  siteId: number
  mayEdit: boolean
  row: Schemas['CoverageRow']
  place: Schemas['PlaceView']
  cell: Schemas['CellView']
}>()
const emit = defineEmits<{ close: [] }>()
onKeyStroke('Escape', () => emit('close'))
const { remedy, running, trouble } = useRemedy(props)
const listing = computed(() => props.place.listingId)
const { data: neighbours } = useQuery({
  queryKey: ['neighbours', () => props.siteId, listing, () => props.row.postId],
  queryFn: () =>
    take(
      api.GET('/api/sites/{site}/coverage/neighbours', {
        params: { path: { site: props.siteId }, query: { listing: listing.value!, post: props.row.postId } },
      }),
    ),
  enabled: () => listing.value !== null && props.cell.position !== null,
})
const headline = computed(() => {
  const { mark } = props.cell
  const { name, where } = props.place
  const state =
    mark === 'leftOut' ? t('notIn') : mark === 'inPlace' ? t('in') : t('markIn', { mark: atStart(marks[mark].name) })
  const words = t('stateName', { state, name })
  if (props.place.kind !== 'listing' || !where) return words
  return where === '/' ? t('onHomePage', { words }) : t('onPage', { words, where })
})
</script>

<template>
  <aside :aria-label="t('details')">
    <div class="head">
      <span class="tag" :class="marks[props.cell.mark].tone === 'soft' ? 'plain' : marks[props.cell.mark].tone"
        ><NoteMark :mark="props.cell.mark" /> {{ marks[props.cell.mark].name }}</span
      >
      <button class="close" :aria-label="t('close')" @click="emit('close')">
        <v-icon :icon="mdiClose" size="18" />
      </button>
    </div>
    <h2>{{ headline }}</h2>
    <p class="why">
      <b>{{ props.cell.message }}</b><br /><span class="small soft">{{ props.row.title }}</span>
    </p>
    <ol v-if="neighbours?.length">
      <li v-for="one in neighbours" :key="one.postId" :class="{ cut: !one.isShown }">
        <span>{{ one.position }}</span><b v-if="one.postId === props.row.postId">{{ one.title }}</b
        ><template v-else>{{ one.title }}</template>
      </li>
    </ol>
    <ChannelFoot
      v-if="props.place.kind === 'channel'"
      :key="props.place.key + props.row.postId"
      :site-id="props.siteId"
      :post-id="props.row.postId"
      :channel-id="Number(props.place.key.slice('channel-'.length))"
      :is-public="props.row.status === 'published'"
      :may-edit="props.mayEdit"
    />
    <div class="row">
      <v-btn v-if="remedy && props.mayEdit" :loading="running" @click="remedy.act()">{{ remedy.name }}</v-btn>
      <v-btn
        v-if="props.cell.reason === 'listingNotPlaced' || props.cell.reason === 'listingLost'"
        :to="`/s/${props.siteId}/listings/${listing}?check=1`"
        >{{ t('checkPage') }}</v-btn
      >
      <v-btn
        v-if="props.place.kind === 'comments' && props.cell.count !== null"
        variant="outlined"
        :to="`/s/${props.siteId}/comments?standing=public&search=`"
        >{{ t('openComments') }}</v-btn
      >
    </div>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="foot small soft">
      <p v-if="props.place.kind === 'listing'">
        <template v-if="props.place.seenAt"
          ><RichText :of="rich('lastSeenOnPage')"
            ><template #when><WhenText :at="props.place.seenAt" /></template></RichText></template
        ><template v-else>{{ t('listingHasNotBeen') }}</template>
      </p>
      <router-link v-if="listing" class="link" :to="`/s/${props.siteId}/listings/${listing}`">{{
        t('openListing')
      }}</router-link>
      <router-link v-if="props.place.kind === 'channel'" class="link" :to="`/s/${props.siteId}/channels`">{{
        t('openChannelTimeline')
      }}</router-link>
      <router-link
        v-if="props.place.kind === 'mail'"
        class="link"
        :to="`/s/${props.siteId}/channels/mail?post=${props.row.postId}`"
        >{{ t('openDeliveries') }}</router-link
      >
      <a v-if="props.place.address" class="link" :href="props.place.address" target="_blank" rel="noopener">{{
        props.place.kind === 'feed' ? t('openFeed') : t('openPage')
      }}</a>
      <a class="link" :href="props.row.address" target="_blank" rel="noopener">{{ t('viewPost') }}</a>
    </div>
  </aside>
</template>

<style scoped>
aside {
  width: 330px;
  flex: none;
  border-left: 1px solid var(--rule);
  background: var(--sheet);
  padding: 20px 22px;
  display: flex;
  flex-direction: column;
  gap: 14px;
  position: sticky;
  top: 56px;
  max-height: calc(100vh - 56px);
  overflow: auto;
}
h2 {
  font-size: 21px;
  line-height: 1.2;
  overflow-wrap: anywhere;
}
.head {
  display: flex;
  justify-content: space-between;
}
.close {
  background: none;
  border: 0;
  cursor: pointer;
  color: var(--soft);
}
.why {
  border-left: 3px solid var(--ochre);
  padding: 2px 0 2px 12px;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  border-top: 1px solid var(--hair);
}
li {
  display: flex;
  gap: 10px;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  font-size: 13.5px;
}
li span {
  flex: none;
  width: 22px;
  color: var(--soft);
  text-align: right;
}
li.cut {
  color: var(--soft);
}
.foot {
  margin-top: auto;
  border-top: 1px solid var(--hair);
  padding-top: 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.foot p {
  width: 100%;
}
@media (max-width: 860px) {
  aside {
    position: fixed;
    inset: auto 0 55px;
    top: auto;
    width: auto;
    max-height: 62vh;
    border-left: 0;
    border-top: 3px solid var(--ochre);
    z-index: 25;
  }
}
</style>
