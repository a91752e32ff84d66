<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { api, take, type Schemas } from '../../api/client'
import { refusals, states } from '../../channels/words'
import WhenText from '../../shared/WhenText.vue'

/** Where the post goes beyond pages, feeds and mail, and what it says there; decided for this post alone. */
const details = defineModel<Schemas['PostDetails']>({ required: true })
const props = defineProps<{ siteId: number; postId: number; revision: number; readonly: boolean; zone: string | undefined }>()
const { data: previews } = useQuery({
  queryKey: ['channel-previews', () => props.siteId, () => props.postId, () => props.revision],
  queryFn: () => take(api.GET('/api/sites/{site}/posts/{post}/channels', { params: { path: { site: props.siteId, post: props.postId } } })),
})
const open = ref(0)
const choices = [
  { value: null, title: 'As the channel chooses' },
  { value: true, title: 'Goes there' },
  { value: false, title: 'Does not go there' },
]
const blank = (channel: number): Schemas['ChannelWish'] => ({ channel, goes: null, at: null, text: null })
const wishOf = (channel: number) => details.value.channels?.find((one) => one.channel === channel) ?? blank(channel)
const goes = (one: Schemas['ChannelPreview']) => wishOf(one.channelId).goes ?? !one.refusal
const count = computed(() => previews.value?.filter(goes).length ?? 0)

function wish(channel: number, change: Partial<Schemas['ChannelWish']>): void {
  const next = { ...wishOf(channel), ...change }
  const others = details.value.channels?.filter((one) => one.channel !== channel) ?? []
  const saysNothing = next.goes === null && !next.at && !next.text
  details.value = { ...details.value, channels: saysNothing ? others : [...others, next] }
}

function told(one: Schemas['ChannelPreview']): string {
  if (one.delivery) return states[one.delivery.state].name.toLowerCase()
  const wished = wishOf(one.channelId).goes
  if (wished === false) return 'not this post'
  return one.refusal && wished !== true ? refusals[one.refusal] : 'goes there'
}
</script>

<template>
  <section v-if="previews?.length" class="goes">
    <h2 class="group">
      Goes to <span class="soft small">{{ count }} of {{ previews.length }} channels</span>
    </h2>
    <div v-for="one in previews" :key="one.channelId" class="channel" :class="{ off: !goes(one) }">
      <button type="button" class="head" :aria-expanded="open === one.channelId" @click="open = open === one.channelId ? 0 : one.channelId">
        <b>{{ one.name }}</b>
        <span class="small soft"
          >{{ told(one) }}<template v-if="one.at && goes(one)">, <WhenText :at="one.at" :zone="props.zone" /></template
          ><template v-if="one.count !== null && one.count !== undefined"> · {{ one.count }}/{{ one.limit }}</template></span
        >
      </button>
      <ul v-if="one.findings.length && goes(one)" class="findings">
        <li v-for="finding in one.findings" :key="finding">{{ finding }}</li>
      </ul>
      <div v-if="open === one.channelId" class="inside">
        <template v-if="!one.delivery && !props.readonly">
          <v-select
            :model-value="wishOf(one.channelId).goes ?? null"
            :items="choices"
            label="This post"
            density="compact"
            hide-details
            @update:model-value="wish(one.channelId, { goes: $event })"
          />
          <v-text-field
            v-if="goes(one) && (one.kind === 'social' || one.kind === 'partner')"
            :model-value="wishOf(one.channelId).at ?? ''"
            type="datetime-local"
            label="At"
            density="compact"
            hide-details
            clearable
            @update:model-value="wish(one.channelId, { at: $event || null })"
          />
          <v-textarea
            v-if="goes(one) && one.kind === 'social'"
            :model-value="wishOf(one.channelId).text ?? ''"
            label="In your own words"
            :placeholder="one.text"
            rows="4"
            auto-grow
            density="compact"
            hide-details
            @update:model-value="wish(one.channelId, { text: $event || null })"
          />
        </template>
        <router-link v-if="one.delivery" class="link small" :to="`/s/${props.siteId}/channels?delivery=${one.delivery.id}`">What became of it</router-link>
        <pre tabindex="0" v-if="!(one.kind === 'social' && !one.delivery && !props.readonly && goes(one))" :class="{ prose: one.kind === 'social' }">{{
          one.text
        }}</pre>
      </div>
    </div>
    <p class="small soft">As saved last. What you change here counts once the post is saved.</p>
  </section>
</template>

<style scoped>
.channel {
  border-bottom: 1px solid var(--hair);
}
.head {
  width: 100%;
  display: grid;
  text-align: left;
  background: none;
  border: 0;
  padding: 7px 0;
  cursor: pointer;
}
.off b {
  color: var(--soft);
  font-weight: 500;
}
.findings {
  margin: 0 0 6px;
  padding-left: 16px;
  font-size: 13px;
  color: var(--ochre);
}
.inside {
  display: grid;
  gap: 8px;
  padding: 2px 0 12px;
}
pre {
  font-size: 12px;
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  max-height: 220px;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--hair);
  border-radius: 6px;
  padding: 8px 10px;
  margin: 0;
}
pre.prose {
  font-family: inherit;
  font-size: 14px;
}
</style>
