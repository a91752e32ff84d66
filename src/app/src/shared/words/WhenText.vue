<script setup lang="ts">
import { computed } from 'vue'
import { exactDate, relativeDate } from './dates'
import { t } from '../texts'

const props = defineProps<{ at: string | null | undefined; zone?: string }>()
const relative = computed(() => (props.at ? relativeDate(props.at) : t('notYet')))
const exact = computed(() => (props.at ? exactDate(props.at, props.zone) : ''))
</script>

<template>
  <time v-if="props.at" :datetime="props.at" :title="exact">{{ relative }}</time>
  <span v-else>{{ t('notYet') }}</span>
</template>
