<script setup lang="ts">
import { lineOf } from '../../api'
import { PageTitle, useNotice, useSite } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import { standings } from '../words'
import RuleRow from './RuleRow.vue'
import { useRuleBlogs } from './useRuleBlogs'
import { useRules } from './useRules'
import { rich, t } from '../texts'
import { RichText } from '../../texts'

const { id } = useSite()
const { say } = useNotice()
const { query, rules, dirty, trial, act, add, remove, move, tryOut, save } = useRules(id)
const blogs = useRuleBlogs(id)
const sent = { publish: t('published2'), wait: t('held'), spam: t('markedSpam2'), refuse: t('rejected') } as const

async function keep(): Promise<void> {
  if (await save()) say(t('rulesSaved'))
}
</script>

<template>
  <PageTitle :title="t('moderationRules')">
    <template #state>{{ t('firstMatchingRuleApplies') }}</template>
    <template #act
      ><v-btn :disabled="!dirty" :loading="act.running.value" @click="keep">{{ t('saveRules') }}</v-btn></template
    >
  </PageTitle>
  <CommentTabs />
  <p v-if="query.error.value" class="work trouble" role="alert">{{ lineOf(query.error.value) }}</p>
  <div v-else class="work">
    <p v-if="act.trouble.value || act.fields.value.rules" class="trouble" role="alert">
      {{ act.trouble.value || act.fields.value.rules?.[0] }}
    </p>
    <p v-if="rules.length === 0 && !query.isPending.value" class="soft my-4">
      {{ t('noRulesYetStart') }}
    </p>
    <ol class="rules">
      <RuleRow
        v-for="(_, at) in rules"
        :key="at"
        v-model="rules[at]!"
        :number="at + 1"
        :count="rules.length"
        :blogs="blogs"
        :problem="act.fields.value[`rules[${at}]`]?.[0]"
        @move="(by) => move(at, by)"
        @remove="remove(at)"
      />
    </ol>
    <div class="row mt-4">
      <v-btn variant="outlined" @click="add">{{ t('addRule') }}</v-btn>
      <v-btn variant="outlined" :loading="act.running.value" @click="tryOut">{{ t('testLast1000') }}</v-btn>
    </div>
    <section v-if="trial" class="trial" role="status">
      <h2 class="group">{{ t('lastComments', { tried: trial.tried }) }}</h2>
      <p class="sums">
        <span><RichText :of="rich('ofTrialPublished', { n: trial.published })" /></span
        ><span><RichText :of="rich('ofTrialWaiting', { n: trial.waiting })" /></span
        ><span><RichText :of="rich('ofTrialSpam', { n: trial.spam })" /></span
        ><span><RichText :of="rich('ofTrialRefused', { n: trial.refused })" /></span>
      </p>
      <p v-if="trial.against === 0">{{ t('noConflictsPastDecisions') }}</p>
      <template v-else>
        <p>{{ t('conflictsPastDecisions', { against: trial.against }) }}</p>
        <table class="ruled">
          <thead>
            <tr>
              <th>{{ t('comment') }}</th>
              <th>{{ t('decided') }}</th>
              <th>{{ t('result') }}</th>
              <th>{{ t('rule') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="one in trial.examples" :key="one.id">
              <td>
                <router-link class="t" :to="`/s/${id}/comments?standing=${one.standing}&comment=${one.id}`">{{
                  one.author
                }}</router-link>
                <span class="soft">{{ one.start }}</span>
              </td>
              <td>{{ standings[one.standing] }}</td>
              <td class="m">{{ sent[one.trace.act] }}</td>
              <td class="soft">
                {{
                  one.trace.step === 'rule'
                    ? t('ruleFindindex', {
                        number: rules.findIndex((rule) => JSON.stringify(rule) === JSON.stringify(one.trace.rule)) + 1,
                      })
                    : one.trace.step
                }}
              </td>
            </tr>
          </tbody>
        </table>
      </template>
    </section>
  </div>
</template>

<style scoped>
.rules {
  list-style: none;
  margin: 0;
  padding: 0;
  max-width: 1180px;
}
.trial {
  margin-top: 26px;
  display: grid;
  gap: 10px;
}
.sums {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
}
.sums b {
  font: 600 20px var(--title);
  margin-right: 4px;
}
</style>
