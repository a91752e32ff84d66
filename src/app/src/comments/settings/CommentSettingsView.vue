<script setup lang="ts">
import { computed } from 'vue'
import { lineOf } from '../../api/problem'
import PageTitle from '../../shared/PageTitle.vue'
import { useNotice } from '../../shared/useNotice'
import { useQueryValue } from '../../shared/useQueryValue'
import { useSite } from '../../sites/useSite'
import CommentTabs from '../CommentTabs.vue'
import PostsThatDiffer from './PostsThatDiffer.vue'
import SettingLine from './SettingLine.vue'
import { approvals, depths, onOff, orders, votes, yesNo } from './choices'
import { useCommentSettings } from './useCommentSettings'

const { id, site } = useSite()
const { say } = useNotice()
const layer = useQueryValue('layer')
const { query, blog, own, outside, dirty, act, save } = useCommentSettings(id, layer)
const from = computed(() => (blog.value ? 'on the site' : 'usual'))

async function keep(): Promise<void> {
  if (await save()) say(blog.value ? `Set for ${blog.value.name}.` : 'Set for the site.')
}
</script>

<template>
  <PageTitle title="How comments are taken">
    <template #state>Three layers: the site, each blog, each post. What a layer does not set is as the one outside it.</template>
    <template #act><v-btn :disabled="!dirty" :loading="act.running.value" @click="keep">Save</v-btn></template>
  </PageTitle>
  <CommentTabs />
  <p v-if="query.error.value" class="work trouble" role="alert">{{ lineOf(query.error.value) }}</p>
  <div v-else-if="query.data.value && outside" class="work">
    <div class="pills" role="group" aria-label="Layer">
      <button class="pill" :class="{ on: !blog }" :aria-pressed="!blog" @click="layer = ''">{{ site?.name }}</button>
      <button
        v-for="one in query.data.value.blogs"
        :key="one.id"
        class="pill"
        :class="{ on: blog?.id === one.id }"
        :aria-pressed="blog?.id === one.id"
        @click="layer = String(one.id)"
      >
        {{ one.name }}
      </button>
    </div>
    <p v-if="act.trouble.value || act.fields.value.settings" class="trouble" role="alert">{{ act.trouble.value || act.fields.value.settings?.[0] }}</p>
    <SettingLine v-model="own.isOn" label="Readers can comment" :outside="outside.isOn!" :from="from" :choices="onOff" />
    <PostsThatDiffer :site-id="id" :blogs="blog ? [blog] : query.data.value.blogs" :is-on="(own.isOn ?? outside.isOn)!" />
    <SettingLine
      v-model="own.approval"
      label="What waits for you"
      hint="Where no rule decides first."
      :outside="outside.approval!"
      :from="from"
      :choices="approvals"
    />
    <SettingLine
      v-model="own.needsMail"
      label="Writers must give a mail"
      hint="It is never shown."
      :outside="outside.needsMail!"
      :from="from"
      :choices="yesNo"
    />
    <SettingLine v-model="own.votes" label="Votes of readers" :outside="outside.votes!" :from="from" :choices="votes" />
    <SettingLine
      v-model="own.order"
      label="Order readers see first"
      hint="They may choose another. Best: of which it is surest that readers like it, so that two votes of two do not stand above ninety of a hundred."
      :outside="outside.order!"
      :from="from"
      :choices="orders"
    />
    <SettingLine v-model="own.depth" label="Levels of answers" :outside="outside.depth!" :from="from" :choices="depths" />
    <SettingLine
      v-model="own.reportsToWait"
      label="Reports that send a comment back to Waiting"
      hint="0 for never. Once you kept it, it takes twice as many."
      :outside="outside.reportsToWait!"
      :from="from"
      unit="reports"
      :least="0"
      :most="1000"
    />
    <SettingLine
      v-model="own.closeAfterDays"
      label="Closed after"
      hint="Days after a post was published; 0 for never."
      :outside="outside.closeAfterDays!"
      :from="from"
      unit="days"
      :least="0"
      :most="3650"
    />
    <v-textarea
      v-model="own.message"
      class="mt-5 message"
      label="Above the form"
      placeholder="Be kind; we read everything before dawn."
      rows="2"
      counter="2000"
    />
  </div>
</template>

<style scoped>
.pills {
  margin-bottom: 8px;
}
.message {
  max-width: 760px;
}
</style>
