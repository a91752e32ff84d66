<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import type { Schemas } from '../../../api'
import { refusals, states } from '../../../channels'
import ChannelLook from './ChannelLook.vue'
import ChannelSheet from './ChannelSheet.vue'
import GoesWhen from './GoesWhen.vue'
import WishFields from './WishFields.vue'
import { useChannelPreviews } from './useChannelPreviews'
import { t } from '../../texts'
import { inSentence } from '../../../texts'

/** Where the post goes beyond pages, feeds and mail, and what it says there; decided for this post alone. */
const details = defineModel<Schemas['PostDetails']>({ required: true })
const props = defineProps<{
  siteId: number
  postId: number
  revision: number
  title: string
  readonly: boolean
  zone: string | undefined
  fields: Record<string, string[]>
}>()
const of = useChannelPreviews(details, () => props)
const { previews, goes, wishOf } = of
const open = ref(0)
const beside = ref(false)
const count = computed(() => previews.value?.filter(goes).length ?? 0)

// The channel whose text was refused is opened, where the field is marked.
watch(
  () => Object.keys(props.fields).find((name) => name.startsWith('details.channels.')),
  (refused) => refused && (open.value = Number(refused.split('.')[2])),
)

function told(one: Schemas['ChannelPreview']): string {
  if (one.delivery) return inSentence(states[one.delivery.state].name)
  const wished = wishOf(one.channelId).goes
  if (wished === false) return t('excludedPost')
  return one.refusal && wished !== true ? refusals[one.refusal] : t('willSent')
}
</script>

<template>
  <section v-if="previews?.length" class="goes">
    <h2 class="group">
      {{ t('channels') }} <span class="soft small">{{ t('countPreviews', { count, previews: previews.length }) }}</span>
      <button type="button" class="link small" @click="beside = true">{{ t('compareChannels') }}</button>
    </h2>
    <div v-for="one in previews" :key="one.channelId" class="channel" :class="{ off: !goes(one) }">
      <button
        type="button"
        class="head"
        :aria-expanded="open === one.channelId"
        @click="open = open === one.channelId ? 0 : one.channelId"
      >
        <b>{{ one.name }}</b>
        <span class="small soft"
          >{{ told(one) }}<GoesWhen v-if="goes(one)" :one="one" :zone="props.zone" /><template
            v-if="one.count !== null && one.count !== undefined"
          >
            · {{ one.count }}/{{ one.limit }}</template
          ></span
        >
      </button>
      <ul v-if="one.findings.length && goes(one)" class="findings">
        <li v-for="finding in one.findings" :key="finding">{{ finding }}</li>
      </ul>
      <div v-if="open === one.channelId" class="inside">
        <WishFields v-if="!one.delivery && !props.readonly" :one="one" :of="of" />
        <router-link
          v-if="one.delivery"
          class="link small"
          :to="`/s/${props.siteId}/channels?delivery=${one.delivery.id}`"
          >{{ t('deliveryStatus') }}</router-link
        >
        <ChannelLook :one="one" />
      </div>
    </div>
    <p class="small soft">{{ t('basedLastSavedVersionChanges') }}</p>
    <ChannelSheet
      v-model="beside"
      :title="props.title"
      :site-id="props.siteId"
      :post-id="props.postId"
      :revision="props.revision"
      :of="of"
      :told="told"
      :readonly="props.readonly"
      :zone="props.zone"
    />
  </section>
</template>

<style scoped>
.group .link {
  float: right;
}
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
</style>
