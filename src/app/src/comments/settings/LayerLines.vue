<script setup lang="ts">
import type { Schemas } from '../../api'
import SettingLine from './SettingLine.vue'
import SettingText from './SettingText.vue'
import { approvals, depths, orders, votes, writers, yesNo } from './choices'

/** Everything a layer may say about how comments are taken, but for whether they are on. */
const own = defineModel<Schemas['CommentSettings']>({ required: true })
const props = defineProps<{ outside: Schemas['CommentSettings']; from: string; problems: Record<string, string[]> }>()
const problem = (name: string) => props.problems[`settings.${name}`]?.[0] ?? props.problems[name]?.[0]
</script>

<template>
  <h2 class="group">Who writes, and what waits</h2>
  <SettingLine
    v-model="own.writers"
    label="Who may write"
    hint="Confirmed: what they write stays aside until they follow a link we mail them."
    :outside="outside.writers!"
    :from="from"
    :choices="writers"
  />
  <SettingText
    v-if="(own.writers ?? outside.writers) === 'named'"
    v-model="own.namedReaders"
    label="Mails of named readers"
    hint="A line each."
    :outside="outside.namedReaders!"
    :from="from"
    :problem="problem('namedReaders')"
  />
  <SettingLine
    v-model="own.needsMail"
    label="Writers must give a mail"
    hint="It is never shown."
    :outside="outside.needsMail!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsAnonymous"
    label="The name may stay empty"
    :outside="outside.allowsAnonymous!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.approval"
    label="What waits for you"
    hint="Where no rule decides first."
    :outside="outside.approval!"
    :from="from"
    :choices="approvals"
  />
  <SettingText
    v-model="own.heldWords"
    label="Words that let a comment wait"
    hint="A line each; * stands for any letters."
    :outside="outside.heldWords!"
    :from="from"
    :problem="problem('heldWords')"
  />
  <SettingText
    v-model="own.refusedWords"
    label="Words with which it is not taken"
    hint="The writer is told and keeps the text."
    :outside="outside.refusedWords!"
    :from="from"
    :problem="problem('refusedWords')"
  />
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
  <h2 class="group">What readers see and do</h2>
  <SettingLine v-model="own.votes" label="Votes of readers" :outside="outside.votes!" :from="from" :choices="votes" />
  <SettingText
    v-model="own.reactions"
    kind="line"
    label="Reactions"
    hint="Emoji with spaces between, at most eight; none for no reactions."
    placeholder="★ ☾ ♥"
    :outside="outside.reactions!"
    :from="from"
    :problem="problem('reactions')"
  />
  <SettingLine
    v-model="own.asksRating"
    label="Ask for a rating of 1 to 5"
    hint="For a product or a service: average and spread stand above the comments, and search engines read them."
    :outside="outside.asksRating!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.allowsPictures"
    label="A picture may come with a comment"
    hint="It is written anew, without place and camera, and waits for you unless you trust the writer."
    :outside="outside.allowsPictures!"
    :from="from"
    :choices="yesNo"
  />
  <SettingLine
    v-model="own.takesMentions"
    label="Mentions by other sites"
    hint="What others write about a post stands with its comments, once you let it."
    :outside="outside.takesMentions!"
    :from="from"
    :choices="yesNo"
  />
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
    v-model="own.shownFirst"
    label="Shown at first"
    hint="The others open from “Show more comments”."
    :outside="outside.shownFirst!"
    :from="from"
    unit="comments"
    :least="5"
    :most="200"
  />
  <SettingLine
    v-model="own.editMinutes"
    label="Writers may change a comment for"
    hint="On the device they wrote it on; 0 for never. Taking it back is always possible."
    :outside="outside.editMinutes!"
    :from="from"
    unit="minutes"
    :least="0"
    :most="1440"
  />
  <SettingText
    v-model="own.message"
    label="Above the form"
    placeholder="Be kind; we read everything before dawn."
    :outside="outside.message!"
    :from="from"
    :problem="problem('message')"
  />
  <SettingText
    v-model="own.houseRules"
    label="What we ask of each other"
    hint="Opens above the form."
    :outside="outside.houseRules!"
    :from="from"
    :problem="problem('houseRules')"
  />
  <SettingText
    v-model="own.language"
    kind="line"
    label="Language"
    hint="Of what we say around the comments, such as en, de or fr; empty for the site’s."
    :outside="outside.language!"
    :from="from"
  />
  <h2 class="group">Closing</h2>
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
  <SettingText
    v-model="own.closeAt"
    kind="time"
    label="Closed at"
    hint="On the site’s clocks; empty for never."
    :outside="outside.closeAt!"
    :from="from"
    :problem="problem('closeAt')"
  />
  <SettingText
    v-model="own.closedReason"
    label="What readers are told then"
    placeholder="The season is over; see you in September."
    :outside="outside.closedReason!"
    :from="from"
    :problem="problem('closedReason')"
  />
</template>

<style scoped>
.group {
  margin-top: 26px;
}
</style>
