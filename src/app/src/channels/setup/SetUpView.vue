<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, lineOf, type Schemas, take } from '../../api'
import { ChannelTabs, PageTitle, useQueryValue, useSite } from '../../shared'
import ChannelForm from './ChannelForm.vue'
import { useChannelForm } from './useChannelForm'
import { kinds } from '../words'
import { t } from '../texts'

const { id, mayEdit } = useSite()
const picked = useQueryValue('channel')
const fresh = useQueryValue('new')
const {
  data: channels,
  error,
  isPending,
} = useQuery({
  queryKey: ['channels', id],
  queryFn: () => take(api.GET('/api/sites/{site}/channels/set-up', { params: { path: { site: id.value } } })),
})
const router = useRouter()
const setUp = useChannelForm(() => id.value)
const names = Object.keys(kinds) as Schemas['ChannelKind'][]
const current = computed(() => channels.value?.find((one) => String(one.id) === picked.value))
const isNew = computed(() => !picked.value && names.includes(fresh.value as Schemas['ChannelKind']))

watch(
  [current, fresh, picked],
  ([channel], before) => {
    if (channel && channel.id !== (before?.[0] as Schemas['ChannelView'] | undefined)?.id)
      setUp.begin(channel.kind, channel)
    else if (isNew.value) setUp.begin(fresh.value as Schemas['ChannelKind'])
  },
  { immediate: true },
)

function open(channel: string, kind: string): void {
  void router.replace({ query: { ...(channel && { channel }), ...(kind && { new: kind }) } })
}

async function save(): Promise<void> {
  const saved = await setUp.save()
  if (saved) open(String(saved), '')
}
</script>

<template>
  <PageTitle :title="t('manageChannels')">
    <template #state>{{ t('sendPostsOtherNetworks') }}</template>
  </PageTitle>
  <ChannelTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="work waiting">{{ t('readingChannels') }}</p>
  <div v-else class="work split">
    <nav class="side" :class="{ away: current || isNew }" :aria-label="t('channels')">
      <button
        v-for="one in channels"
        :key="one.id"
        class="one"
        :class="{ on: picked === String(one.id) }"
        @click="open(String(one.id), '')"
      >
        <b>{{ one.name }}</b><small>{{
          one.pausedAt ? t('kindPaused', { kind: kinds[one.kind].name }) : kinds[one.kind].name
        }}</small>
      </button>
      <template v-if="mayEdit">
        <h2 class="group">{{ t('addChannel2') }}</h2>
        <button
          v-for="kind in names"
          :key="kind"
          class="one"
          :class="{ on: isNew && fresh === kind }"
          @click="open('', kind)"
        >
          <b>{{ kinds[kind].name }}</b><small>{{ kinds[kind].does }}</small>
        </button>
      </template>
    </nav>
    <section v-if="current || isNew" class="form-side">
      <button class="link leave" @click="open('', '')">{{ t('allChannels') }}</button>
      <ChannelForm
        :set-up="setUp"
        :site-id="id"
        :current="current"
        :may-edit="mayEdit"
        @save="save"
        @removed="open('', '')"
      />
    </section>
    <p v-else class="form-side soft">{{ t('selectChannelAddOne') }}</p>
  </div>
</template>

<style scoped>
.side {
  width: 330px;
  flex: none;
  border-right: 1px solid var(--rule);
  padding: 10px 0 40px;
}
.side .group {
  margin-top: 26px;
  padding: 0 24px 4px;
}
.one {
  width: 100%;
  display: grid;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 10px 24px;
  cursor: pointer;
}
.one small {
  color: var(--soft);
  font-size: 13px;
}
.one.on {
  background: var(--sheet);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.form-side {
  flex: 1;
  min-width: 0;
  background: var(--sheet);
  padding: 22px 36px 60px;
}
.leave {
  display: none;
}
@media (max-width: 860px) {
  .side {
    width: auto;
    border: 0;
  }
  .side.away,
  p.form-side {
    display: none;
  }
  .leave {
    display: block;
    margin-bottom: 10px;
  }
  .form-side {
    padding: 14px 16px 90px;
  }
}
</style>
