<script setup lang="ts">
import { lineOf } from '../../api'
import { counted, PageTitle, useNotice, useSite } from '../../shared'
import CommentTabs from '../CommentTabs.vue'
import { standings } from '../words'
import RuleRow from './RuleRow.vue'
import { useRules } from './useRules'

const { id } = useSite()
const { say } = useNotice()
const { query, rules, dirty, trial, act, add, remove, move, tryOut, save } = useRules(id)
const sent = { publish: 'published', wait: 'held', spam: 'marked as spam', refuse: 'rejected' } as const

async function keep(): Promise<void> {
  if (await save()) say('Rules saved.')
}
</script>

<template>
  <PageTitle title="Moderation rules">
    <template #state
      >The first matching rule applies. If none matches, the spam filter and the comment settings decide.</template
    >
    <template #act
      ><v-btn :disabled="!dirty" :loading="act.running.value" @click="keep">Save the rules</v-btn></template
    >
  </PageTitle>
  <CommentTabs />
  <p v-if="query.error.value" class="work trouble" role="alert">{{ lineOf(query.error.value) }}</p>
  <div v-else class="work">
    <p v-if="act.trouble.value || act.fields.value.rules" class="trouble" role="alert">
      {{ act.trouble.value || act.fields.value.rules?.[0] }}
    </p>
    <p v-if="rules.length === 0 && !query.isPending.value" class="soft my-4">
      No rules yet. Start with: same text three times → spam; three published comments → publish.
    </p>
    <ol class="rules">
      <RuleRow
        v-for="(_, at) in rules"
        :key="at"
        v-model="rules[at]!"
        :number="at + 1"
        :count="rules.length"
        :problem="act.fields.value[`rules[${at}]`]?.[0]"
        @move="(by) => move(at, by)"
        @remove="remove(at)"
      />
    </ol>
    <div class="row mt-4">
      <v-btn variant="outlined" @click="add">Add rule</v-btn>
      <v-btn variant="outlined" :loading="act.running.value" @click="tryOut">Test on last 1,000 comments</v-btn>
    </div>
    <section v-if="trial" class="trial" role="status">
      <h2 class="group">On the last {{ counted(trial.tried, 'comment') }}</h2>
      <p class="sums">
        <span
          ><b>{{ trial.published }}</b> published at once</span
        ><span
          ><b>{{ trial.waiting }}</b> would wait</span
        ><span
          ><b>{{ trial.spam }}</b> put aside as spam</span
        ><span
          ><b>{{ trial.refused }}</b> refused</span
        >
      </p>
      <p v-if="trial.against === 0">No conflicts with your past decisions.</p>
      <template v-else>
        <p>{{ counted(trial.against, 'conflict') }} with past decisions:</p>
        <table class="ruled">
          <thead>
            <tr>
              <th>Comment</th>
              <th>Decided</th>
              <th>Result</th>
              <th>Rule</th>
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
                    ? `rule ${rules.findIndex((rule) => JSON.stringify(rule) === JSON.stringify(one.trace.rule)) + 1}`
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
  max-width: 1000px;
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
