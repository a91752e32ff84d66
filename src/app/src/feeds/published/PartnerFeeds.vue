<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { api, lineOf, type Schemas, take } from '../../api'
import { ChoiceFields, CopyButton, useAct, useNotice, useRefresh, WhenText } from '../../shared'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

/** Feeds for one partner each: their addresses, what they brought, and how they end. */
const props = defineProps<{ siteId: number; zone: string | undefined; mayEdit: boolean }>()
const path = () => ({ site: props.siteId })
const { data: feeds, error } = useQuery({
  queryKey: ['partner-feeds', () => props.siteId],
  queryFn: () => take(api.GET('/api/sites/{site}/partner-feeds', { params: { path: path() } })),
})
const act = useAct()
const { say } = useNotice()
const opened = ref<number | null>(null)
const blank = (): Schemas['PartnerFeedRequest'] => ({
  name: '',
  source: '',
  isFullText: false,
  choice: { blogs: [], categories: [], tags: [], authors: [], featuredOnly: false },
})
const draft = reactive({ feed: blank() })
const refresh = useRefresh('partner-feeds')

function open(feed: Schemas['PartnerFeedView'] | null): void {
  opened.value = feed?.id ?? 0
  draft.feed = feed
    ? {
        name: feed.name,
        source: feed.source,
        isFullText: feed.isFullText,
        choice: JSON.parse(JSON.stringify(feed.choice)) as Schemas['ChannelChoice'],
      }
    : blank()
  act.fields.value = {}
}

async function save(): Promise<void> {
  const saved = await act.run(() =>
    opened.value
      ? take(
          api.PUT('/api/sites/{site}/partner-feeds/{feed}', {
            params: { path: { ...path(), feed: opened.value } },
            body: draft.feed,
          }),
        )
      : take(api.POST('/api/sites/{site}/partner-feeds', { params: { path: path() }, body: draft.feed })),
  )
  if (!saved) return
  say(t('feedNameSaved', { name: saved.name }))
  opened.value = null
  await refresh()
}

async function toggle(feed: Schemas['PartnerFeedView']): Promise<void> {
  const on = { params: { path: { ...path(), feed: feed.id } } }
  await act.run(() =>
    take(
      feed.endedAt
        ? api.POST('/api/sites/{site}/partner-feeds/{feed}/resume', on)
        : api.POST('/api/sites/{site}/partner-feeds/{feed}/end', on),
    ),
  )
  if (!act.trouble.value)
    say(feed.endedAt ? t('accessNameRestored', { name: feed.name }) : t('accessNameEndedAddress', { name: feed.name }))
  await refresh()
}
</script>

<template>
  <div class="partners">
    <p v-if="error || act.trouble.value" class="trouble" role="alert">{{ act.trouble.value || lineOf(error) }}</p>
    <div v-if="feeds?.length === 0 && opened === null" class="empty">
      <h2>{{ t('noPartnerFeedsYet') }}</h2>
      <p>{{ t('giveEachPartnerTheir') }}</p>
    </div>
    <article v-for="feed in feeds" :key="feed.id" class="one" :class="{ over: feed.endedAt }">
      <h3>
        {{ feed.name }} <span v-if="feed.endedAt" class="tag plain">{{ t('ended') }}</span>
      </h3>
      <p class="small soft">
        <RichText v-if="feed.lastReadAt" :of="rich('requestedTimesLast', { reads: feed.reads })"
          ><template #when><WhenText :at="feed.lastReadAt" :zone="props.zone" /></template></RichText
        ><template v-else>{{ t('requestedTimes', { reads: feed.reads }) }}</template
        ><template v-if="feed.source"
          >{{ ' ' }}{{ t('visitsTagged', { brought: feed.brought, source: feed.source }) }}</template
        >
      </p>
      <p v-for="address in feed.addresses" :key="address.form" class="address">
        <span class="small soft">{{ address.form }}</span> <code>{{ address.address }}</code>
        <CopyButton :text="address.address" :label="t('copyFormAddress', { form: address.form })" />
      </p>
      <p v-if="props.mayEdit" class="acts">
        <button class="link small" @click="open(feed)">{{ t('edit') }}</button>
        <button class="link quiet small" @click="toggle(feed)">
          {{ feed.endedAt ? t('restoreAccess') : t('endAccess') }}
        </button>
      </p>
    </article>
    <form v-if="opened !== null" class="form" novalidate @submit.prevent="save">
      <h2 class="group">{{ opened ? t('changeFeed') : t('newPartnerFeed') }}</h2>
      <v-text-field
        v-model="draft.feed.name"
        :label="t('partnerName')"
        name="partner"
        :error-messages="act.fields.value.name"
      />
      <ChoiceFields v-model="draft.feed.choice" :site-id="props.siteId" :readonly="false" />
      <v-switch v-model="draft.feed.isFullText" :label="t('fullText')" />
      <v-text-field
        v-model="draft.feed.source"
        :label="t('sourceTagUtmSource')"
        :placeholder="t('parishPaper')"
        persistent-placeholder
        :error-messages="act.fields.value.source"
      />
      <div class="row">
        <v-btn type="submit" :loading="act.running.value">{{ opened ? t('save') : t('createFeed') }}</v-btn><v-btn
          variant="text"
          @click="opened = null"
          >{{ t('cancel') }}</v-btn
        >
      </div>
    </form>
    <v-btn v-else-if="props.mayEdit" class="mt-4" variant="outlined" @click="open(null)">{{
      t('newPartnerFeed')
    }}</v-btn>
  </div>
</template>

<style scoped>
.partners {
  padding: 10px 0 60px;
  max-width: 820px;
}
.one {
  padding: 12px 0;
  border-bottom: 1px solid var(--hair);
}
.one h3 {
  font-size: 18px;
  margin: 0;
}
.one p {
  margin: 3px 0;
}
.over code {
  text-decoration: line-through;
}
.address {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  font-size: 13px;
}
.address code {
  overflow-wrap: anywhere;
}
.address .small {
  width: 74px;
}
.acts {
  display: flex;
  gap: 16px;
}
.form {
  display: grid;
  gap: 10px;
  margin-top: 18px;
  max-width: 640px;
}
</style>
