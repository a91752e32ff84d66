<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { lineOf } from '../api'
import { OneOf, PageTitle, useQueryValue, useSite, WhenText } from '../shared'
import AddressesPart from './AddressesPart.vue'
import MentionPart from './MentionPart.vue'
import { useMentions } from './useMentions'
import { choices, kinds, nothing } from './words'
import { t } from './texts'

const { id, site } = useSite()
const choice = useQueryValue('choice')
const picked = useQueryValue('mention')
const { wanted, list, mentions, counts, decide, ban, read, act } = useMentions(() => id.value, choice)
const isPhoneDetail = ref(false)
const isAddresses = ref(false)
const current = computed(() => mentions.value.find((one) => String(one.id) === picked.value) ?? null)
const state = computed(() =>
  counts.value
    ? t('mentionsWaitingPublicPublished', { waiting: counts.value.waiting, public: counts.value.public })
    : '',
)
// Where the one looked at was decided, the next in the list is there already.
watch(mentions, (now, before) => {
  if (now.some((one) => String(one.id) === picked.value)) return
  const at = before?.findIndex((one) => String(one.id) === picked.value) ?? 0
  const next = now[Math.min(Math.max(0, at), now.length - 1)]
  picked.value = next ? String(next.id) : ''
})

function move(by: number): void {
  const at = mentions.value.findIndex((one) => String(one.id) === picked.value)
  const next = mentions.value[Math.min(mentions.value.length - 1, Math.max(0, at + by))]
  if (next) picked.value = String(next.id)
}

const keys: Record<string, () => unknown> = {
  ArrowDown: () => move(1),
  ArrowUp: () => move(-1),
  1: () => current.value?.commentId && decide(current.value, 'public'),
  2: () => current.value?.commentId && decide(current.value, 'hidden'),
  3: () => current.value?.commentId && decide(current.value, 'spam'),
}
onKeyStroke((event) => {
  if (
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    (event.target as HTMLElement).closest('input, textarea, .v-overlay')
  )
    return
  const run = keys[event.key]
  if (!run) return
  event.preventDefault()
  void run()
})
</script>

<template>
  <PageTitle :title="t('mentions')" help="mention">
    <template #state>{{ state }}</template>
    <template #act
      ><v-btn variant="outlined" @click="isAddresses = true">{{ t('webmentionAddresses') }}</v-btn></template
    >
  </PageTitle>
  <p v-if="list.error.value" class="work trouble" role="alert">{{ lineOf(list.error.value) }}</p>
  <div v-else class="work split">
    <section class="heard" :class="{ away: isPhoneDetail }" :aria-label="t('mentions')">
      <OneOf
        class="bar"
        wide
        :model-value="wanted"
        :label="t('mentions')"
        :choices="choices.map((one) => [one.value, one.title, counts?.[one.value]] as const)"
        @update:model-value="choice = $event === 'waiting' ? '' : $event"
      />
      <p v-if="list.isPending.value" class="waiting px-6">{{ t('loading') }}</p>
      <button
        v-for="one in mentions"
        :key="one.id"
        class="line"
        :class="{ on: picked === String(one.id) }"
        :aria-current="picked === String(one.id)"
        @click="((picked = String(one.id)), (isPhoneDetail = true))"
      >
        <b>{{ one.author }}</b><small><WhenText :at="one.receivedAt" :zone="site?.timeZone" /></small>
        <span class="start">{{ one.text || one.title || one.source }}</span>
        <span class="about"
          >{{ one.readAt ? kinds[one.kind] : t('received') }} · {{ one.host }} · {{ one.postTitle }}</span
        >
      </button>
      <p v-if="list.hasNextPage.value" class="px-6 py-3">
        <button class="link" @click="list.fetchNextPage()">{{ t('showMore') }}</button>
      </p>
    </section>
    <div class="one" :class="{ away: !isPhoneDetail && current }">
      <button v-if="isPhoneDetail" class="link quiet back" @click="isPhoneDetail = false">
        {{ t('allMentions') }}
      </button>
      <MentionPart
        v-if="current"
        :mention="current"
        :zone="site?.timeZone"
        @decide="decide(current, $event)"
        @ban="ban(current)"
        @read="read(current)"
      />
      <div v-else-if="!list.isPending.value" class="empty">
        <h2>{{ nothing[wanted][0] }}</h2>
        <p>{{ nothing[wanted][1] }}</p>
      </div>
      <p v-if="act.trouble.value" class="trouble mx-6" role="alert">{{ act.trouble.value }}</p>
    </div>
  </div>
  <AddressesPart v-model="isAddresses" :site-id="id" />
</template>

<style scoped>
.empty {
  padding-inline: 24px;
}
.heard {
  width: 420px;
  flex: none;
  border-right: 1px solid var(--rule);
  min-height: 60vh;
}
.bar {
  margin: 12px 18px 12px 24px;
}
.line {
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
.line small,
.about {
  color: var(--soft);
  font-size: 13px;
}
.start,
.about {
  grid-column: 1/3;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.line.on {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--madder);
}
.one {
  flex: 1;
  min-width: 0;
  background: var(--sheet);
}
.back {
  display: none;
}
@media (max-width: 860px) {
  .heard {
    width: auto;
    border: 0;
  }
  .away {
    display: none;
  }
  .back {
    display: block;
    padding: 12px 16px 0;
  }
}
</style>
