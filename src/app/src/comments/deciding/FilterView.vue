<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { api, lineOf, take } from '../../api'
import { PageTitle, useAct, useNotice, useSite } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import SharingPart from './SharingPart.vue'
import ScoreChart from './ScoreChart.vue'
import { outcomeAt } from './outcome'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const { id, mayEdit } = useSite()
const queries = useQueryClient()
const act = useAct()
const { say } = useNotice()
const path = () => ({ params: { path: { site: id.value } } })
const {
  data: filter,
  error,
  isPending,
} = useQuery({
  queryKey: ['comment-filter', id],
  queryFn: () => take(api.GET('/api/sites/{site}/comments/filter', path())),
})
const publish = ref(10)
const spam = ref(98)
watch(filter, (now) => now && ([publish.value, spam.value] = [now.publishBelow, now.spamFrom]), { immediate: true })
const outcome = computed(
  () => filter.value && outcomeAt(filter.value.goodByScore, filter.value.spamByScore, publish.value, spam.value),
)
const dirty = computed(
  () => filter.value && (publish.value !== filter.value.publishBelow || spam.value !== filter.value.spamFrom),
)
const share = (value: number | null | undefined) =>
  value === null || value === undefined ? '–' : `${(value * 100).toFixed(1)}%`

async function save(): Promise<void> {
  const done = await act.run(async () => {
    const layers = await take(api.GET('/api/sites/{site}/comments/settings', path()))
    const settings = { ...layers.site, publishBelow: publish.value, spamFrom: spam.value }
    return await take(api.PUT('/api/sites/{site}/comments/settings', { ...path(), body: { blogId: null, settings } }))
  })
  if (!done) return
  say(t('thresholdsSaved'))
  await queries.invalidateQueries({ queryKey: ['comment-filter'] })
}
</script>

<template>
  <PageTitle :title="t('spamFilter')" help="spamScore">
    <template #state>{{ filter ? t('trainedSpamSpamGood', { spam: filter.spam, good: filter.good }) : '' }}</template>
  </PageTitle>
  <CommentTabs />
  <p v-if="error" class="work trouble" role="alert">{{ lineOf(error) }}</p>
  <p v-else-if="isPending" class="work waiting">{{ t('evaluating') }}</p>
  <div v-else-if="filter && !filter.isSure" class="work empty">
    <h2>{{ t('stillLearning') }}</h2>
    <p>
      {{
        t('needsNeededDecisionsEach', {
          needed: filter.needed,
          spam: Math.max(0, filter.needed - filter.spam),
          good: Math.max(0, filter.needed - filter.good),
        })
      }}
    </p>
    <SharingPart class="mt-4" :site-id="id" :filter="filter" :may-edit="mayEdit" />
  </div>
  <div v-else-if="filter && outcome" class="work filter">
    <section>
      <h2 class="group">{{ t('scoreDistribution') }}</h2>
      <p class="soft small">{{ t('genuineCommentsShownAbove') }}</p>
      <ScoreChart :good="filter.goodByScore" :spam="filter.spamByScore" :publish="publish" :put-aside="spam" />
      <div class="sliders">
        <label
          ><RichText :of="rich('publishBelow', { percent: `${publish}%` })" />
          <input v-model.number="publish" type="range" min="0" :max="spam - 1" :disabled="!mayEdit" />
          <span class="soft small">{{ t('whereApprovalGoesBy') }}</span>
        </label>
        <label
          ><RichText :of="rich('markSpamFrom', { percent: spam === 100 ? t('never') : `${spam}%` })" />
          <input v-model.number="spam" type="range" :min="publish + 1" max="100" :disabled="!mayEdit" />
          <span class="soft small">{{ t('staysUnderSpamWhere') }}</span>
        </label>
      </div>
      <p v-if="act.trouble.value" class="trouble" role="alert">{{ act.trouble.value }}</p>
      <div v-if="mayEdit" class="row">
        <v-btn :disabled="!dirty" :loading="act.running.value" @click="save">{{ t('saveThresholds') }}</v-btn>
      </div>
    </section>
    <section>
      <h2 class="group">{{ t('effectPastComments') }}</h2>
      <table class="ruled">
        <thead>
          <tr>
            <th>{{ t('yourDecision') }}</th>
            <th class="num">{{ t('published') }}</th>
            <th class="num">{{ t('waiting') }}</th>
            <th class="num">{{ t('markedSpam') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td>{{ t('genuine') }}</td>
            <td class="num">{{ outcome.goodPublished }}</td>
            <td class="num">{{ outcome.goodWaiting }}</td>
            <td class="num" :class="{ o: outcome.goodAsSpam }">{{ outcome.goodAsSpam }}</td>
          </tr>
          <tr>
            <td>{{ t('spam') }}</td>
            <td class="num" :class="{ o: outcome.spamPublished }">{{ outcome.spamPublished }}</td>
            <td class="num">{{ outcome.spamWaiting }}</td>
            <td class="num">{{ outcome.spamAsSpam }}</td>
          </tr>
        </tbody>
      </table>
      <dl class="facts">
        <dt>{{ t('correctlyMarked') }}</dt>
        <dd>
          {{ share(outcome.precision) }} <span class="soft">{{ t('whatWasPutAside') }}</span>
        </dd>
        <dt>{{ t('spamCaught') }}</dt>
        <dd>
          {{ share(outcome.recall) }} <span class="soft">{{ t('spamWasPutAside') }}</span>
        </dd>
        <dt>{{ t('caught') }}</dt>
        <dd>
          {{ share(filter.caughtAtOne) }} <span class="soft">{{ t('spamCaughtWhile1') }}</span>
        </dd>
        <dt>{{ t('overallAccuracy') }}</dt>
        <dd>
          {{ filter.area?.toFixed(3) }}
          <span class="soft">{{ t('howOftenSpamScores') }}</span>
        </dd>
      </dl>
      <h2 class="group mt-6">{{ t('byMonth') }}</h2>
      <table class="ruled">
        <thead>
          <tr>
            <th>{{ t('month') }}</th>
            <th class="num">{{ t('decisions') }}</th>
            <th class="num">{{ t('correctlyMarked') }}</th>
            <th class="num">{{ t('spamCaught') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="month in filter.months" :key="month.month">
            <td>{{ month.month }}</td>
            <td class="num">{{ month.decisions }}</td>
            <td class="num">{{ share(month.precision) }}</td>
            <td class="num">{{ share(month.recall) }}</td>
          </tr>
        </tbody>
      </table>
      <SharingPart class="mt-4" :site-id="id" :filter="filter" :may-edit="mayEdit" />
    </section>
  </div>
</template>

<style scoped>
.filter {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 10px 48px;
}
section {
  display: grid;
  gap: 12px;
  align-content: start;
}
.sliders {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
}
label {
  display: grid;
  gap: 4px;
}
input {
  accent-color: var(--verdigris);
}
.facts {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 4px 16px;
  margin: 4px 0 0;
}
dt {
  color: var(--soft);
}
dd {
  margin: 0;
}
@media (max-width: 860px) {
  .filter,
  .sliders {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
