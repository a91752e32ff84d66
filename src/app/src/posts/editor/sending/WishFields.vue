<script setup lang="ts">
import type { Schemas } from '../../../api'
import type { ChannelPreviews } from './useChannelPreviews'

/** What is decided for this post and one channel: whether it goes, when, and what is said. */
const props = defineProps<{ one: Schemas['ChannelPreview']; of: ChannelPreviews }>()
const choices = [
  { value: null, title: 'Channel default' },
  { value: true, title: 'Send' },
  { value: false, title: 'Do not send' },
]
const wished = () => props.of.wishOf(props.one.channelId)
const wish = (change: Partial<Schemas['PostChannelOptions']>) => props.of.wish(props.one.channelId, change)
</script>

<template>
  <v-select
    :model-value="wished().goes ?? null"
    :items="choices"
    label="This post"
    density="compact"
    hide-details
    @update:model-value="wish({ goes: $event })"
  />
  <v-text-field
    v-if="props.of.goes(props.one) && (props.one.kind === 'social' || props.one.kind === 'partner')"
    :model-value="wished().at ?? ''"
    type="datetime-local"
    label="Send at"
    density="compact"
    hide-details
    clearable
    @update:model-value="wish({ at: $event || null })"
  />
  <template v-if="props.of.goes(props.one) && props.one.kind === 'social'">
    <div v-if="props.one.turns > 1 && !wished().text" class="row turns" role="group" aria-label="Text">
      <button
        v-for="turn in props.one.turns"
        :key="turn"
        type="button"
        class="chip"
        :class="{ on: props.one.turn === turn - 1 }"
        :aria-pressed="props.one.turn === turn - 1"
        @click="wish({ turn: turn - 1 })"
      >
        Text {{ turn }}
      </button>
    </div>
    <v-textarea
      :model-value="wished().text ?? ''"
      label="Custom text"
      :placeholder="props.one.text"
      rows="3"
      auto-grow
      density="compact"
      hide-details
      @update:model-value="wish({ text: $event || null })"
    />
  </template>
</template>

<style scoped>
.turns {
  gap: 6px;
  flex-wrap: wrap;
}
</style>
