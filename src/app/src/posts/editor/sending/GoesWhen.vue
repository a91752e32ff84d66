<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../../api'
import { WhenText } from '../../../shared'
import { t } from '../../texts'

/** When a post goes to a channel, or went, behind what is said of it; nothing where that says it already. */
const props = defineProps<{ one: Schemas['ChannelPreview']; zone: string | undefined }>()
const minute = 60_000
const isAhead = computed(() => new Date(props.one.at ?? 0).getTime() > Date.now() + minute)
</script>

<template>
  <template v-if="props.one.at && (isAhead || props.one.delivery?.state === 'delivered')"
    >, <WhenText :at="props.one.at" :zone="props.zone"
  /></template>
  <template v-else-if="!props.one.delivery">, {{ t('whenPublished') }}</template>
</template>
