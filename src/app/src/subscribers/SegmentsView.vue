<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, reactive, watch } from 'vue'
import { api, lineOf, type Schemas, take } from '../api'
import { AskButton, PageTitle, useAct, useNotice, useQueryValue, useSite } from '../shared'
import ReaderTabs from './ReaderTabs.vue'
import SegmentForm from './SegmentForm.vue'
import { ruleWords } from './segmentWords'
import { t } from './texts'

const { id, mayEdit } = useSite()
const picked = useQueryValue('segment')
const path = () => ({ site: id.value })
const {
  data: segments,
  error,
  isPending,
} = useQuery({
  queryKey: ['segments', id],
  queryFn: () => take(api.GET('/api/sites/{site}/segments', { params: { path: path() } })),
})
const current = computed(() => segments.value?.find((one) => String(one.id) === picked.value))
const draft = reactive({ name: '', rule: {} as Schemas['SegmentRule'] })
const act = useAct()
const { say } = useNotice()
const queries = useQueryClient()

watch(
  [current, picked],
  () =>
    Object.assign(draft, {
      name: current.value?.name ?? '',
      rule: JSON.parse(JSON.stringify(current.value?.rule ?? {})) as Schemas['SegmentRule'],
    }),
  { immediate: true },
)

async function save(): Promise<void> {
  const body = { name: draft.name, rule: draft.rule }
  const saved = await act.run(() =>
    current.value
      ? take(
          api.PUT('/api/sites/{site}/segments/{segment}', {
            params: { path: { ...path(), segment: current.value.id } },
            body,
          }),
        )
      : take(api.POST('/api/sites/{site}/segments', { params: { path: path() }, body })),
  )
  if (!saved) return
  say(t('nameSaved', { name: saved.name }))
  await queries.invalidateQueries({ queryKey: ['segments'] })
  picked.value = String(saved.id)
}

async function remove(): Promise<void> {
  if (!current.value) return
  await act.run(() =>
    take(
      api.DELETE('/api/sites/{site}/segments/{segment}', {
        params: { path: { ...path(), segment: current.value!.id } },
      }),
    ),
  )
  if (act.trouble.value || act.fields.value.segment) return
  say(t('segmentDeletedSubscribersKept'))
  picked.value = ''
  await queries.invalidateQueries({ queryKey: ['segments'] })
}
</script>

<template>
  <PageTitle :title="t('segments')" help="segment"
    ><template #state>{{ t('groupsSubscribersUpdatedAutomatically') }}</template
    ><template v-if="mayEdit" #act
      ><v-btn @click="picked = 'new'">{{ t('newSegment') }}</v-btn></template
    ></PageTitle
  >
  <ReaderTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="work waiting">{{ t('counting') }}</p>
  <div v-else class="work split">
    <div class="list" :class="{ away: picked }">
      <div v-if="segments?.length === 0" class="empty">
        <h2>{{ t('noSegmentsYet') }}</h2>
        <p>
          {{ t('segmentPartSubscribersThose') }}
        </p>
      </div>
      <button
        v-for="one in segments"
        :key="one.id"
        class="line"
        :class="{ on: picked === String(one.id) }"
        @click="picked = String(one.id)"
      >
        <span class="t">{{ one.name }}</span><b>{{ one.size }}</b>
        <span class="small soft words"
          >{{ ruleWords(one.rule)
          }}<template v-if="one.digests.length">{{
            t('receivesDigests', { digests: one.digests.join(', ') })
          }}</template></span
        >
      </button>
    </div>
    <section v-if="picked" class="side">
      <button class="link quiet back" @click="picked = ''">{{ t('allSegments') }}</button>
      <h2>{{ current?.name ?? t('newSegment') }}</h2>
      <SegmentForm v-model="draft" :site-id="id" :problems="act.fields.value" />
      <p v-if="act.trouble.value || act.fields.value.segment" class="trouble" role="alert">
        {{ act.trouble.value || act.fields.value.segment?.[0] }}
      </p>
      <div v-if="mayEdit" class="row acts">
        <v-btn :loading="act.running.value" @click="save">{{ current ? t('save') : t('createSegment') }}</v-btn>
        <v-btn v-if="current" variant="outlined" :to="`/s/${id}/readers?segment=${current.id}`">{{
          t('showItsSubscribers', { size: current.size })
        }}</v-btn>
        <AskButton
          v-if="current"
          class="link quiet"
          :title="t('deleteSegmentAsk', { name: current.name })"
          :text="t('deleteSegmentMeans')"
          :button="t('deleteSegment')"
          :act="remove"
          >{{ t('deleteSegment') }}</AskButton
        >
      </div>
    </section>
  </div>
</template>

<style scoped>
.list {
  width: 460px;
  flex: none;
  padding: 4px 24px 40px;
}
.line {
  width: 100%;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  padding: 11px 0;
  cursor: pointer;
}
.line.on {
  background: var(--sheet);
  margin: 0 -24px;
  padding: 11px 24px;
  width: calc(100% + 48px);
  box-shadow: inset 4px 0 0 var(--verdigris);
}
.words {
  grid-column: 1/3;
}
.side {
  flex: 1;
  min-width: 0;
  background: var(--sheet);
  border-left: 1px solid var(--rule);
  padding: 18px 32px 60px;
}
.side h2 {
  font-size: 22px;
  margin: 0 0 12px;
}
.acts {
  gap: 8px;
  flex-wrap: wrap;
  margin-top: 16px;
}
.back {
  display: none;
}
@media (max-width: 860px) {
  .list {
    width: auto;
    padding: 4px 16px 90px;
  }
  .list.away {
    display: none;
  }
  .side {
    border: 0;
    padding: 14px 16px 90px;
  }
  .back {
    display: block;
    margin-bottom: 10px;
  }
}
</style>
