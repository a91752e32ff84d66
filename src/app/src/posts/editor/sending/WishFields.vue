<script setup lang="ts">
import type { Schemas } from '../../../api'
import type { ChannelPreviews } from './useChannelPreviews'
import { OneOf } from '../../../shared'
import { t } from '../../texts'

/** What is decided for this post and one channel: whether it goes, when, and what is said. */
const props = defineProps<{ one: Schemas['ChannelPreview']; of: ChannelPreviews }>()
const choices = [
  { value: null, title: t('channelDefault') },
  { value: true, title: t('send') },
  { value: false, title: t('doNotSend') },
]
const wished = () => props.of.wishOf(props.one.channelId)
const wish = (change: Partial<Schemas['PostChannelOptions']>) => props.of.wish(props.one.channelId, change)
</script>

<template>
  <v-select
    :model-value="wished().goes ?? null"
    :items="choices"
    :label="t('thisPost')"
    density="compact"
    hide-details
    @update:model-value="wish({ goes: $event })"
  />
  <v-text-field
    v-if="props.of.goes(props.one) && (props.one.kind === 'social' || props.one.kind === 'partner')"
    :model-value="wished().at ?? ''"
    type="datetime-local"
    :label="t('sendAt')"
    density="compact"
    hide-details
    clearable
    @update:model-value="wish({ at: $event || null })"
  />
  <template v-if="props.of.goes(props.one) && props.one.kind === 'social'">
    <OneOf
      v-if="props.one.turns > 1 && !wished().text"
      :model-value="props.one.turn + 1"
      :label="t('text')"
      :choices="Array.from({ length: props.one.turns }, (_, at) => [at + 1, t('textTurn', { turn: at + 1 })] as const)"
      @update:model-value="wish({ turn: $event - 1 })"
    />
    <v-textarea
      :model-value="wished().text ?? ''"
      :label="t('customText')"
      :placeholder="props.one.text"
      rows="3"
      auto-grow
      density="compact"
      hide-details="auto"
      :error-messages="props.one.textProblem ?? []"
      @update:model-value="wish({ text: $event || null })"
    />
  </template>
</template>
