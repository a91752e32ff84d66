<script setup lang="ts">
import { computed, nextTick, watch } from 'vue'
import type { Schemas } from '../../api'
import { OneOf, WhenText } from '../../shared'
import { standings, whyInShort } from '../words'
import { t } from '../texts'

const standing = defineModel<string>('standing', { required: true })
const props = defineProps<{
  comments: Schemas['QueuedComment'][]
  counts: Schemas['StandingCounts'] | undefined
  picked: string
  zone: string | undefined
  loading: boolean
  everywhere: boolean
  hasMore: boolean
}>()
const emit = defineEmits<{ pick: [id: number]; more: [] }>()
const shown = ['waiting', 'public', 'hidden', 'spam', 'deleted'] as const
const choices = computed(() =>
  shown
    .filter((one) => one !== 'deleted' || props.counts?.deleted || standing.value === one)
    .map((one) => [one as string, standings[one], props.counts?.[one]] as const),
)

watch(
  () => props.picked,
  async () => {
    await nextTick()
    document.querySelector('.queued.on')?.scrollIntoView({ block: 'nearest' })
  },
)
</script>

<template>
  <section class="queue" :aria-label="t('queue2')">
    <OneOf
      class="bar"
      wide
      :model-value="standing || 'waiting'"
      :label="t('queue2')"
      :choices="choices"
      @update:model-value="standing = $event === 'waiting' ? '' : $event"
    />
    <slot />
    <p v-if="props.loading" class="waiting px-6">{{ t('loading') }}</p>
    <button
      v-for="one in props.comments"
      :key="one.id"
      class="queued"
      :class="{ on: props.picked === String(one.id) }"
      :aria-current="props.picked === String(one.id)"
      @click="emit('pick', one.id)"
    >
      <b>{{ one.author }}</b><small><WhenText :at="one.createdAt" :zone="props.zone" /></small>
      <span class="start">{{ one.start }}</span>
      <span v-if="one.reports > 0 && (one.standing === 'waiting' || one.standing === 'public')" class="why m">{{
        t('reportedByReaders', { reports: one.reports })
      }}</span>
      <span v-else-if="one.standing === 'waiting' && one.trace" class="why">{{ whyInShort(one.trace) }}</span>
      <span v-else class="about">{{ one.threadTitle }}</span>
      <span v-if="props.everywhere" class="about">{{ one.siteName }}</span>
    </button>
    <p v-if="props.hasMore" class="px-6 py-3">
      <button class="link" @click="emit('more')">{{ t('showMore') }}</button>
    </p>
  </section>
</template>

<style scoped>
.queue {
  width: 392px;
  flex: none;
  border-right: 1px solid var(--rule);
  min-height: 60vh;
}
.bar {
  margin: 12px 18px 12px 24px;
}
.queued {
  width: 100%;
  text-align: left;
  background: none;
  border: 0;
  cursor: pointer;
  padding: 11px 20px 11px 24px;
  border-bottom: 1px solid var(--hair);
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 10px;
}
.queued.on {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--madder);
}
.queued b {
  font-weight: 600;
  overflow: hidden;
  text-overflow: ellipsis;
}
small,
.about {
  color: var(--soft);
  font-size: 12.5px;
}
.start,
.about {
  grid-column: 1/3;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 14.5px;
}
.about {
  font-size: 12.5px;
}
.why.m {
  color: var(--madder);
}
.why {
  grid-column: 1/3;
  font-size: 12.5px;
  color: var(--ochre);
  font-weight: 600;
}
@media (max-width: 860px) {
  .queue {
    width: auto;
    border-right: 0;
  }
  .bar {
    margin: 12px 16px;
  }
  .queued {
    padding: 13px 16px;
  }
}
</style>
